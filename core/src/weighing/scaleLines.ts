import { unitTable } from '../units/unitTable.ts';

/** What an indicator said in one line. */
export type ScaleWord =
  | { readonly kind: 'shows'; readonly kg: number; /** It has come to rest. */ readonly steady: boolean }
  | { readonly kind: 'tooHeavy' }
  | { readonly kind: 'belowZero'; readonly kg: number }
  /** Nothing that can be read as a mass. */
  | { readonly kind: 'noise' };

/** What is kept between two pieces of a stream: the half line, and what was shown last and how often. */
export interface ScaleState {
  readonly rest: string;
  readonly last: number | null;
  readonly times: number;
}
export const silentScale: ScaleState = { rest: '', last: null, times: 0 };

/** No indicator sends longer lines: a longer one is noise on the wire. */
const longestLine = 200;
/** So many lines alike are rest, where the line itself does not say. */
const alikeForRest = 4;

const number = /([+-]?)\s*(\d{1,6}(?:[.,]\d{1,3})?)\s*(kg|t|g|lb|lbs)\b/i;
const moving = /\b(moving|motion|unstable|settling)\b/i;
const resting = /\b(steady|stable|rest|still)\b/i;
const tooHeavy = /\b(over|overload|too heavy)\b|\^{3,}/i;

/**
 * Takes the next piece of text of an indicator, wherever it was cut. Lines end with a carriage return, a line feed, or both.
 * Never throws: what cannot be read is noise.
 * @returns the words of all lines that ended in it, and the state for the next piece
 */
export function hearScale(
  state: ScaleState,
  piece: string,
): { readonly words: readonly ScaleWord[]; readonly state: ScaleState } {
  const lines = (state.rest + piece).split(/[\r\n]+/);
  const rest = lines.pop() ?? '';
  let { last, times } = state;
  const words = lines
    .filter((line) => line.trim() !== '')
    .map((line): ScaleWord => {
      const word = readLine(line);
      if (word.kind !== 'shows') {
        [last, times] = [null, 0];
        return word;
      }
      times = word.kg === last ? times + 1 : 1;
      last = word.kg;
      return { ...word, steady: !moving.test(line) && (resting.test(line) || times >= alikeForRest) };
    });
  return { words, state: { rest: rest.length > longestLine ? '' : rest, last, times } };
}

function readLine(line: string): ScaleWord {
  if (line.length > longestLine) return { kind: 'noise' };
  if (tooHeavy.test(line)) return { kind: 'tooHeavy' };
  const [, sign = '', digits = '', unit = ''] = number.exec(line) ?? [];
  const factor = Object.values(unitTable.mass).find(({ names }) => names.includes(unit.toLowerCase()))?.factor;
  if (digits === '' || factor === undefined) return { kind: 'noise' };
  const kg = Number(digits.replace(',', '.')) * factor;
  return sign === '-' && kg > 0 ? { kind: 'belowZero', kg: -kg } : { kind: 'shows', kg, steady: false };
}

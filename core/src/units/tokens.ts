/** A piece of a typed quantity. `at` counts characters from the start of the text. */
export type Token =
  | { readonly kind: 'number'; readonly value: number; readonly text: string; readonly at: number }
  | { readonly kind: 'word'; readonly text: string; readonly at: number }
  | { readonly kind: 'sign'; readonly text: '+' | '-' | '*' | '/' | '(' | ')'; readonly at: number };

export interface TokenProblem {
  readonly code: 'ambiguousNumber' | 'badNumber' | 'badCharacter';
  readonly text: string;
  /** The two readings of an ambiguous number, for the question back. */
  readonly readings?: readonly [string, string];
}

export interface NumberOptions {
  /** Where a point may group thousands (1.750 on a German paper), such a number is asked about instead of read. */
  readonly pointMayGroup?: boolean;
}

const numberShape = /^\d[\d.,]*(?:[ \u00a0\u2009\u202f'’](?=\d{3}(?!\d))\d{3}[.,\d]*)*|^[.,]\d+/;
const wordShape = /^(?:[a-z]+(?: (?:us|uk|imp|gal|gallon)(?![a-z]))?|["'″′%])/i;

/** Cuts a typed quantity into numbers, words and signs, or says which piece cannot be read for certain. */
export function tokens(text: string, options: NumberOptions = {}): readonly Token[] | TokenProblem {
  const out: Token[] = [];
  let at = 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const space = /^\s+/.exec(rest);
    if (space) {
      at += space[0].length;
      continue;
    }
    const number = numberShape.exec(rest)?.[0];
    if (number !== undefined) {
      const read = readNumber(number, options);
      if (typeof read !== 'number') return read;
      out.push({ kind: 'number', value: read, text: number, at });
      at += number.length;
      continue;
    }
    const sign = /^x(?![a-z])/i.test(rest) ? '*' : signs[rest.charAt(0)];
    if (sign) {
      out.push({ kind: 'sign', text: sign, at });
      at += 1;
      continue;
    }
    const word = wordShape.exec(rest)?.[0];
    if (word === undefined) return { code: 'badCharacter', text: rest.charAt(0) };
    out.push({ kind: 'word', text: word.toLowerCase(), at });
    at += word.length;
  }
  return out;
}

const signs: Readonly<Record<string, '+' | '-' | '*' | '/' | '(' | ')'>> = {
  '+': '+',
  '-': '-',
  '−': '-',
  '*': '*',
  '×': '*',
  '/': '/',
  '(': '(',
  ')': ')',
};

/**
 * One number with its separators. Two kinds of separator, or one repeated, settle the reading; a single comma before
 * exactly three digits does not (1,750 is a thousand to some and 1.75 to others), so it is handed back as a question.
 */
function readNumber(raw: string, options: NumberOptions): number | TokenProblem {
  const text = raw.replace(/[ \u00a0\u2009\u202f'’]/g, '');
  const spaced = text !== raw;
  if (/^\d+$/.test(text)) return Number(text);
  if (/^\d*\.\d+$/.test(text) || /^\d+\.$/.test(text)) {
    const groups = /^[1-9]\d{0,2}\.\d{3}$/.test(text) && options.pointMayGroup && !spaced;
    return groups ? ambiguous(raw, text, '.') : Number(text);
  }
  if (/^\d*,\d+$/.test(text)) {
    const groups = /^[1-9]\d{0,2},\d{3}$/.test(text) && !spaced;
    return groups ? ambiguous(raw, text, ',') : Number(text.replace(',', '.'));
  }
  if (!spaced && /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replaceAll(',', ''));
  if (!spaced && /^\d{1,3}(\.\d{3})+(,\d+)?$/.test(text)) return Number(text.replaceAll('.', '').replace(',', '.'));
  return { code: 'badNumber', text: raw };
}

function ambiguous(raw: string, text: string, separator: string): TokenProblem {
  const decimal = String(Number(text.replace(separator, '.')));
  return { code: 'ambiguousNumber', text: raw, readings: [text.replace(separator, ''), decimal] };
}

import { boundPassed, isVisible, mostPieces, textBounds } from '../rig/fields.ts';
import { parseQuantity } from '../units/parseQuantity.ts';
import type { NumberOptions } from '../units/tokens.ts';
import { bestMatches, type Named } from './matching.ts';

/** Something with a name that a line may speak of; `body` is the name of what it belongs to. */
export type Nameable = Named & { readonly key: string };

/** What is there to be spoken of, and the words that start a line. */
export interface QuickContext {
  readonly places: readonly Nameable[];
  readonly tanks: readonly Nameable[];
  readonly things: readonly Nameable[];
  /** "crew", "person": in lower case. */
  readonly crewWords: readonly string[];
  readonly homeWords: readonly string[];
  /** The unit a bare number takes. */
  readonly massUnit: 'kg' | 'lb';
  /** How numbers are written here. */
  readonly habit: NumberOptions;
}

export type QuickEntry =
  /** `place`: null at home, left out where the line does not say. */
  | {
      readonly kind: 'thing';
      readonly count: number;
      readonly name: string;
      readonly mass: number;
      readonly place?: string | null;
    }
  | { readonly kind: 'move'; readonly thing: string; readonly count?: number; readonly place: string | null }
  | { readonly kind: 'tank'; readonly tank: string; readonly fraction: number }
  | { readonly kind: 'crew'; readonly name: string; readonly mass: number };

interface QuickProblem {
  readonly code:
    | 'empty'
    | 'noMass'
    | 'noName'
    | 'longName'
    | 'badMass'
    | 'whichMass'
    | 'badCount'
    | 'noSuchPlace'
    | 'whichPlace'
    | 'whichThing'
    | 'noSuchTank'
    | 'whichTank'
    | 'badShare';
  /** What was read, or the names it could be. */
  readonly text: string;
}

export type QuickLine =
  { readonly ok: true; readonly entry: QuickEntry } | { readonly ok: false; readonly problem: QuickProblem };

const longest = 200;
const unitPattern = /(?<![\p{L}\d.,])(\d+(?:[.,]\d+)*)\s*(kg|g|t|lbs?|oz|st)(?![\p{L}\d])/iu;
const barePattern = /(?<![\p{L}\d.,])(\d+(?:[.,]\d+)*)(?![\p{L}\d%.,])/gu;

/**
 * One line said in a hurry: `2x folding chair 3.4kg rear locker`, `water front 60%`, `crew Sam 82`, `awning boot`. Names of
 * places, tanks and things may be shortened as long as only one is meant. Never throws and never guesses between two.
 */
export function parseQuickLine(text: string, context: QuickContext): QuickLine {
  const line = text.trim().replace(/\s+/g, ' ');
  if (line === '') return fail('empty');
  if (line.length > longest) return fail('longName', `${line.slice(0, 20)}…`);
  const [first = '', ...others] = line.split(' ');
  if (context.crewWords.includes(first.toLowerCase()) && others.length > 0) return crewLine(others.join(' '), context);
  const share = /^(.+?)\s+(\d+(?:[.,]\d+)?)\s*%$/.exec(line);
  if (share) return tankLine(share[1] ?? '', Number((share[2] ?? '').replace(',', '.')), context);
  return thingLine(line, context);
}

const fail = (code: QuickProblem['code'], text = ''): QuickLine => ({ ok: false, problem: { code, text } });

interface Weighed {
  readonly before: string;
  readonly after: string;
  readonly mass: number;
}

/** The mass in a line, and what stands on either side of it. A number with a unit goes before a bare one. */
function massIn(line: string, { massUnit, habit }: QuickContext): Weighed | 'none' | 'bad' | QuickProblem {
  const found = unitPattern.exec(line) ?? [...line.matchAll(barePattern)].at(-1);
  if (!found) return 'none';
  const read = parseQuantity(found[0], 'mass', massUnit, habit);
  if (!read.ok && read.problem.code === 'ambiguousNumber')
    return { code: 'whichMass', text: (read.problem.readings ?? []).join(' / ') };
  if (!read.ok || read.value === 0 || boundPassed('mass', read.value)) return 'bad';
  return {
    before: line.slice(0, found.index).trim(),
    after: line.slice(found.index + found[0].length).trim(),
    mass: read.value,
  };
}

function crewLine(rest: string, context: QuickContext): QuickLine {
  const found = massIn(rest, context);
  if (found === 'none') return fail('noMass', rest);
  if (found === 'bad') return fail('badMass', rest);
  if ('code' in found) return { ok: false, problem: found };
  const name = `${found.before} ${found.after}`.trim();
  const wrong = nameProblem(name, rest);
  return wrong ?? { ok: true, entry: { kind: 'crew', name, mass: found.mass } };
}

/** What is wrong with a name: nothing of it is cut off. */
function nameProblem(name: string, line: string): QuickLine | null {
  if (!isVisible(name)) return fail('noName', line);
  return name.length > textBounds.name ? fail('longName', `${name.slice(0, 20)}…`) : null;
}

function tankLine(name: string, percent: number, { tanks }: QuickContext): QuickLine {
  if (percent > 100) return fail('badShare', String(percent));
  const matches = bestMatches(name, tanks);
  const [tank] = matches;
  if (!tank) return fail('noSuchTank', name);
  if (matches.length > 1) return fail('whichTank', namesOf(matches));
  return { ok: true, entry: { kind: 'tank', tank: tank.key, fraction: percent / 100 } };
}

const namesOf = (list: readonly Nameable[]): string =>
  list.map(({ name, body }) => (body === undefined ? name : `${name} (${body})`)).join(', ');

function thingLine(line: string, context: QuickContext): QuickLine {
  const counted = /^(\d+)\s*[x×]\s+(.*)$/i.exec(line);
  const count = counted ? Number(counted[1]) : undefined;
  const rest = counted ? (counted[2] ?? '') : line;
  if (count !== undefined && (count < 1 || count > mostPieces)) return fail('badCount', String(count));
  const found = massIn(rest, context);
  if (found === 'bad') return fail('badMass', rest);
  if (typeof found === 'object' && 'code' in found) return { ok: false, problem: found };
  const known = found === 'none' ? moveLine(rest, count, context) : null;
  if (known) return known;
  if (found === 'none') return fail('noMass', rest);
  const wrong = nameProblem(found.before, rest);
  if (wrong) return wrong;
  const entry = {
    kind: 'thing',
    count: count ?? 1,
    name: found.before,
    mass: found.mass,
  } as const;
  if (found.after === '') return { ok: true, entry };
  const place = placeSaid(found.after, context);
  return typeof place === 'object' && place !== null
    ? { ok: false, problem: place }
    : { ok: true, entry: { ...entry, place } };
}

/** A place by its name, null for home, or what is wrong. */
function placeSaid(text: string, { places, homeWords }: QuickContext): string | null | QuickProblem {
  if (homeWords.includes(text.toLowerCase())) return null;
  const matches = bestMatches(text, places);
  const [place] = matches;
  if (!place) return { code: 'noSuchPlace', text };
  return matches.length > 1 ? { code: 'whichPlace', text: namesOf(matches) } : place.key;
}

/** A thing that is owned already, and where it goes: the longest beginning that names one. null: no thing is meant. */
function moveLine(line: string, count: number | undefined, context: QuickContext): QuickLine | null {
  const words = line.split(' ');
  for (let cut = words.length - 1; cut > 0; cut -= 1) {
    const things = bestMatches(words.slice(0, cut).join(' '), context.things);
    const [thing] = things;
    if (!thing) continue;
    const place = placeSaid(words.slice(cut).join(' '), context);
    if (typeof place === 'object' && place !== null) {
      if (place.code === 'noSuchPlace') continue;
      return { ok: false, problem: place };
    }
    if (things.length > 1) return fail('whichThing', namesOf(things));
    return { ok: true, entry: { kind: 'move', thing: thing.key, place, ...(count === undefined ? {} : { count }) } };
  }
  return null;
}

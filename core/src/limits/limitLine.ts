import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { influenceAt, type Row } from '../statics/row.ts';
import { massTolerance } from '../units/rounding.ts';

/** Where mass lies, comes or goes. */
export interface Spot {
  readonly side: Side;
  /** m on the side's own axis. */
  readonly x: number;
  /** Whose load it is: a camper's rests on the vehicle, and is its own. */
  readonly body?: string | undefined;
  /** The place it lies in; left out: none, a tank or a seat. */
  readonly place?: string | undefined;
}

/** So many kg more (or, negative, less) at a spot. */
export interface Shift extends Spot {
  readonly mass: number;
}

/** One bound of a limit: kg left now, and what a unit of each amount takes of it. */
export interface Bound {
  readonly margin: number;
  readonly loss: readonly number[];
}

/** A limit as a line in so many amounts. Where it is kept by either of two bounds, the better one counts. */
export interface LimitLine {
  readonly bounds: readonly [Bound, ...Bound[]];
}

/** Influence below this, kg per kg, is the dust of floating point, not a lever. */
const leastInfluence = 1e-9;

/** What counts kg for kg what lies in it has no row: a place by its rating, a camper by its plate. */
const countedIn = ({ counts }: Check, { body, place }: Spot): boolean =>
  counts?.some((one) => one.body === body && (one.place === undefined || one.place === place)) ?? false;

/** A row of a least is the margin itself, so its influence adds. */
const lossInRow = (check: Check, use: Row, { side, x }: Spot): number =>
  check.sense === 'max' ? influenceAt(use, side, x) : -influenceAt(use, side, x);

/** kg of margin that one kilogram at a spot uses up; of a limit that is kept by either of two bounds, of the first. */
export const lossPerKg = (check: Check, spot: Spot): number => {
  if (check.use) return lossInRow(check, check.use, spot);
  return countedIn(check, spot) ? 1 : 0;
};

/** kg of margin used up by all these shifts together. */
export const lossOf = (check: Check, shifts: readonly Shift[]): number =>
  shifts.reduce((sum, shift) => sum + shift.mass * lossPerKg(check, shift), 0);

/**
 * A check as a line: exact, since every load is linear in the masses. null where what is left of it is not known.
 * @param amounts where a unit of each puts mass
 * @param margin kg left now, where it is to be taken otherwise than the check has it
 */
export function limitLine(
  check: Check,
  amounts: readonly (readonly Shift[])[],
  margin: number | null = check.margin,
): LimitLine | null {
  if (margin === null) return null;
  const own = { margin, loss: amounts.map((shifts) => lossOf(check, shifts)) };
  const { either } = check;
  if (!either) return { bounds: [own] };
  const loss = amounts.map((shifts) =>
    shifts.reduce((sum, shift) => sum + shift.mass * lossInRow(check, either.use, shift), 0),
  );
  return { bounds: [own, { margin: either.margin, loss }] };
}

/** What a bound leaves with so many units of each amount, kg; negative: it is passed. */
export const leftOfBound = ({ margin, loss }: Bound, units: readonly number[]): number =>
  loss.reduce((left, each, at) => left - each * (units[at] ?? 0), margin);

/** What a limit leaves with so many units of each amount, kg. */
export const leftOf = ({ bounds }: LimitLine, units: readonly number[]): number =>
  bounds.reduce((most, bound) => Math.max(most, leftOfBound(bound, units)), -Infinity);

/** The line once so many units of each amount are there and the limit itself is so many kg higher. */
export function lineAfter(
  { bounds: [own, ...others] }: LimitLine,
  units: readonly number[],
  raised: number,
): LimitLine {
  const then = (bound: Bound): Bound => ({ margin: leftOfBound(bound, units) + raised, loss: bound.loss });
  return { bounds: [then(own), ...others.map(then)] };
}

/** A check's margin after some masses have moved, kg; null where it is not known. */
export function marginAfter(check: Check, shifts: readonly Shift[]): number | null {
  const line = limitLine(check, [shifts]);
  return line && leftOf(line, [1]);
}

/** From how many units to how many of one amount a limit is kept; either end may be without an end. */
export interface KeptRange {
  readonly from: number;
  readonly to: number;
}

/** How many units of one amount keep a limit, the others being none; null: no number of them does. */
export function keptRange({ bounds }: LimitLine, at = 0): KeptRange | null {
  return bounds.map((bound) => keptBy(bound, at)).reduce(eitherRange);
}

const eitherRange = (one: KeptRange | null, other: KeptRange | null): KeptRange | null =>
  one && other ? { from: Math.min(one.from, other.from), to: Math.max(one.to, other.to) } : (one ?? other);

function keptBy({ margin, loss }: Bound, at: number): KeptRange | null {
  const each = loss[at] ?? 0;
  // What is full to the last gram is kept.
  const left = Math.abs(margin) <= massTolerance ? 0 : margin;
  if (Math.abs(each) <= leastInfluence) return left < 0 ? null : { from: -Infinity, to: Infinity };
  const end = left / each;
  return each > 0 ? { from: -Infinity, to: end } : { from: end, to: Infinity };
}

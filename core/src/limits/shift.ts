import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { influenceAt, type Row } from '../statics/row.ts';

/** So many kg more (or, negative, less) at a point of one body. */
export interface Shift {
  readonly side: Side;
  /** m on the side's own axis. */
  readonly x: number;
  readonly mass: number;
}

/** Influence below this, kg per kg, is the dust of floating point, not a lever. */
export const leastInfluence = 1e-9;

/** kg of margin used up by one kg at x. A row of a least is the margin itself, so its influence adds. */
export const lossPerKg = (check: Check, use: Row, side: Side, x: number): number =>
  check.sense === 'max' ? influenceAt(use, side, x) : -influenceAt(use, side, x);

/** kg of margin used up by all these shifts together. */
export const lossOf = (check: Check, use: Row, shifts: readonly Shift[]): number =>
  shifts.reduce((sum, { side, x, mass }) => sum + mass * lossPerKg(check, use, side, x), 0);

/**
 * A check's margin after some masses have moved: exact, since every load is linear in the masses. null where the margin is
 * not known. A check that is met by either of two bounds keeps the better one.
 */
export function marginAfter(check: Check, shifts: readonly Shift[]): number | null {
  const { margin, use, either } = check;
  if (margin === null) return null;
  const after = use ? margin - lossOf(check, use, shifts) : margin;
  return either ? Math.max(after, either.margin - lossOf(check, either.use, shifts)) : after;
}

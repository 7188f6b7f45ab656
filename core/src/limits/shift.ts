import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { lossPerKg } from './roomAt.ts';

/** So many kg more (or, negative, less) at a point of one body. */
export interface Shift {
  readonly side: Side;
  /** m on the side's own axis. */
  readonly x: number;
  readonly mass: number;
}

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

const lossOf = (check: Check, use: NonNullable<Check['use']>, shifts: readonly Shift[]): number =>
  shifts.reduce((sum, { side, x, mass }) => sum + mass * lossPerKg(check, use, side, x), 0);

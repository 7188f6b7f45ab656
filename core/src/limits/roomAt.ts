import { binds, type Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { leastInfluence, lossPerKg } from './shift.ts';

/**
 * How much may be put at a point: `most` kg until `binding` is reached (null: nothing binds there). When a limit is
 * broken already, `least` kg here would mend `mends`: arithmetic, not advice, since it may be a load on the tail.
 */
export type Room =
  | {
      readonly kind: 'room';
      readonly least: number;
      readonly mends: Check | null;
      readonly most: number | null;
      readonly binding: Check | null;
    }
  /** Nothing put here brings `binding` within its limit, or what would breaks another limit first. */
  | { readonly kind: 'none'; readonly binding: Check }
  | { readonly kind: 'unknown' };

/**
 * Margin at a position: the least over all checks of margin / influence there. An influence of none or the other way
 * never binds. When a check is over already, a counterweight may cure it: then the answer is an interval.
 * @param checks the checks that count (legal and maker's; guidance does not forbid)
 */
export function roomAt(checks: readonly Check[], side: Side, x: number): Room {
  let least = 0;
  let leastBy: Check | null = null;
  let most = Infinity;
  let binding: Check | null = null;
  for (const check of checks) {
    if (!binds(check) || check.margin === null || !check.use) continue;
    const range = checkRange(check, side, x);
    if (!range) return { kind: 'none', binding: check };
    if (range.least > least) [least, leastBy] = [range.least, check];
    if (range.most < most) [most, binding] = [range.most, check];
  }
  if (leastBy && least > most) return { kind: 'none', binding: binding ?? leastBy };
  return { kind: 'room', least, mends: leastBy, most: most === Infinity ? null : most, binding };
}

interface Range {
  readonly least: number;
  readonly most: number;
}

function checkRange(check: Check, side: Side, x: number): Range | null {
  if (check.margin === null || !check.use) return null;
  const own = boundRange(check.margin, lossPerKg(check, check.use, side, x));
  if (!check.either) return own;
  const other = boundRange(check.either.margin, lossPerKg(check, check.either.use, side, x));
  if (!own || !other) return own ?? other;
  return { least: Math.min(own.least, other.least), most: Math.max(own.most, other.most) };
}

/** The masses that keep `margin − loss·m ≥ 0`, or null when none does. */
function boundRange(margin: number, loss: number): Range | null {
  if (loss > leastInfluence) return margin < 0 ? null : { least: 0, most: margin / loss };
  if (margin >= 0) return { least: 0, most: Infinity };
  return loss < -leastInfluence ? { least: margin / loss, most: Infinity } : null;
}

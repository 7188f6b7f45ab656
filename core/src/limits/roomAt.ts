import { bindsLoad, type Check } from '../checks/check.ts';
import { keptRange, limitLine, lossPerKg, type Spot } from './limitLine.ts';

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
 * Margin at a spot: the least over all checks of margin / influence there. An influence of none or the other way
 * never binds. When a check is over already, a counterweight may cure it: then the answer is an interval.
 * @param checks of which those count that bind: legal and maker's; guidance does not forbid
 */
export function roomAt(checks: readonly Check[], spot: Spot): Room {
  let least = 0;
  let leastBy: Check | null = null;
  let most = Infinity;
  let binding: Check | null = null;
  for (const check of checks) {
    if (!bindsLoad(check)) continue;
    // What another place is rated for is nothing to this one.
    if (check.place && lossPerKg(check, spot) === 0) continue;
    const line = limitLine(check, [[{ ...spot, mass: 1 }]]);
    const range = line && keptRange(line);
    if (!range || range.to < 0) return { kind: 'none', binding: check };
    if (range.from > least) [least, leastBy] = [range.from, check];
    if (range.to < most) [most, binding] = [range.to, check];
  }
  if (leastBy && least > most) return { kind: 'none', binding: binding ?? leastBy };
  return { kind: 'room', least, mends: leastBy, most: most === Infinity ? null : most, binding };
}

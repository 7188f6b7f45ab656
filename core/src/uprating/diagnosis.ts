import { bindsLoad, type Check } from '../checks/check.ts';
import type { Shift } from '../limits/limitLine.ts';
import { growth } from './usableGain.ts';

/** A limit with how much more of the owner's load it leaves room for, kg; less than nothing: over by so much. */
export interface InTheWay {
  readonly check: Check;
  readonly room: number;
}

/** A limit with room for so many times all that is carried is hardly touched by it, and in nobody's way. */
const hardlyTouched = 20;

/**
 * The limits in the way of more, the nearest first: for each by itself, how many kg of the pattern it would let on board. What
 * the pattern does not load is not in its way.
 */
export function inTheWay(checks: readonly Check[], pattern: readonly Shift[]): readonly InTheWay[] {
  const total = pattern.reduce((sum, { mass }) => sum + mass, 0);
  return checks
    .filter(bindsLoad)
    .flatMap((check): readonly InTheWay[] => {
      const one = growth([check], pattern);
      if (one.kind === 'over') return [{ check, room: -one.deficit }];
      return one.scale === null || one.scale > hardlyTouched ? [] : [{ check, room: one.scale * total }];
    })
    .sort((a, b) => a.room - b.room);
}

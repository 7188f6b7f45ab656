import { binds, type Check } from '../checks/check.ts';
import { massTolerance } from '../units/rounding.ts';

/**
 * Whether every limit that is kept now is still kept after something is done for one of them, and none that is not gets worse. The usual
 * band of the load on the coupling counts here too: a lightened nose would mend an axle and let the trailer swing.
 * @param after a check's margin once it is done, kg; null where it is not known
 */
export const keepsOthers = (checks: readonly Check[], healed: Check, after: (check: Check) => number | null): boolean =>
  checks.every((other) => {
    if (other.id === healed.id || (!binds(other) && other.role !== 'band') || other.margin === null) return true;
    return (after(other) ?? other.margin) >= Math.min(0, other.margin) - massTolerance;
  });

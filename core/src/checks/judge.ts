import { massTolerance } from '../units/rounding.ts';
import type { CheckStatus } from './check.ts';

/**
 * Status of a margin. Unrounded; equality passes. `tight` is inside the owner's reserve or inside two standard
 * deviations; neither ever softens an excess.
 */
export function judge(margin: number, sigma: number, reserve: number): CheckStatus {
  if (margin < -massTolerance) return 'over';
  return margin < Math.max(reserve, 2 * sigma) - massTolerance ? 'tight' : 'within';
}

import { chanceAbove } from '../uncertainty/normal.ts';
import type { Check } from './check.ts';

/**
 * The chance that a limit is passed, 0 to 1, by the ± of the load that is compared with it.
 * @returns null where load or limit is not known, or where nothing is in doubt
 */
export function chanceOver({ sigma, demand, limit, margin, sense }: Check): number | null {
  if (!sigma || demand === null || limit === null || margin === null) return null;
  // A least is passed when its margin falls below nothing; a most when the load rises above it.
  return sense === 'max' ? chanceAbove(demand, limit, sigma) : chanceAbove(-margin, 0, sigma);
}

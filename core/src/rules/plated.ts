import type { Loads } from '../loads/loads.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { platedLimit, type Limit } from '../rig/plated.ts';
import type { Side } from '../statics/pointLoad.ts';

/** The lowest figure that holds, of the bodies asked. */
export const plated = (loads: Loads, limit: LimitName, holders: readonly Side[]): Limit =>
  platedLimit(
    loads.view,
    limit,
    holders.map((side) => loads.view[side]),
  );

/** Where the axles are not plated the whole trailer stands for them, which is the stricter reading. */
export function platedAxles(loads: Loads): Limit {
  const axles = plated(loads, 'trailerAxlesMax', ['trailer']);
  if (axles.value !== null) return axles;
  const whole = plated(loads, 'trailerMax', ['trailer']);
  return whole.value === null ? axles : whole;
}

import type { RigView } from '../loading/rigView.ts';
import type { Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { platedLimit } from '../rig/plated.ts';

/** kg that the axle plates of a vehicle allow together, front to rear; null where one of them is not known. */
export function axlePlates(view: RigView, vehicle: Vehicle): number | null {
  const limits: readonly LimitName[] = [
    'frontAxleMax',
    'rearAxleMax',
    ...(vehicle.geometry.tagAxle ? (['tagAxleMax'] as const) : []),
  ];
  return limits.reduce<number | null>((sum, limit) => {
    const { value } = platedLimit(view, limit, [vehicle]);
    return sum === null || value === null ? null : sum + value;
  }, 0);
}

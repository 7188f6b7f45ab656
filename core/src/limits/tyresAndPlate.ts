import { platedLimit, type Limit } from '../rig/plated.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import { axleLimits } from './onAxle.ts';
import { tyreCapacity, type TyreCapacity } from './tyreCapacity.ts';

/** What the tyres of an axle carry together, and what that axle is plated for, kg. null: one of the two is not known. */
export function tyresAndPlate(
  view: RigView,
  body: Body,
  { axle, loadIndex, twinned = false, wheels }: RunningGear,
): { readonly tyres: TyreCapacity; readonly plate: number; readonly figures: Limit['figures'] } | null {
  const tyres = loadIndex === undefined ? null : tyreCapacity(loadIndex, twinned, wheels);
  const { value: plate, figures } = platedLimit(view, axleLimits[axle], [body]);
  return tyres && plate !== null ? { tyres, plate, figures } : null;
}

import { waterDensity } from '../rig/bareMass.ts';
import type { Tank } from '../rig/equipment.ts';

/** kg/L of what a tank holds; undefined for fuel nobody has named yet. */
export const tankDensity = (tank: Tank): number | undefined =>
  tank.densityKgPerL ?? (tank.kind === 'fuel' ? undefined : waterDensity);

/** kg in a tank, or null where its size is not known. A gas bottle is measured by mass, other tanks by volume. */
export function tankContents(tank: Tank, fraction: number): number | null {
  if (fraction === 0) return 0;
  if (tank.kind === 'gas') return tank.contents === undefined ? null : tank.contents * fraction;
  const density = tankDensity(tank);
  return tank.capacityL === undefined || density === undefined ? null : tank.capacityL * density * fraction;
}

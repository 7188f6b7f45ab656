import { standardPerson } from '../rig/bareMass.ts';
import type { Missing } from '../rig/missing.ts';
import type { Loads } from './loads.ts';
import { tankDensity } from '../loading/tankContents.ts';

/** Empty masses that rules are written in: full fuel and nobody; 90 % of the fuel and a driver; 10 L of fuel and nobody. */
export type ReferenceBasis = 'kerb' | 'runningOrder' | 'tare';

const litres: Readonly<Record<ReferenceBasis, (capacity: number) => number>> = {
  kerb: (capacity) => capacity,
  runningOrder: (capacity) => 0.9 * capacity,
  tare: () => 10,
};

/**
 * The vehicle's empty mass on another basis than it was given: its bare mass, with fuel and driver put back as the rule
 * counts them. kg, or what is missing to know it.
 */
export function referenceMass(
  loads: Loads,
  basis: ReferenceBasis,
): { readonly value: number | null; readonly missing: readonly Missing[] } {
  const { vehicle } = loads.view;
  if (!vehicle) return { value: null, missing: [] };
  const about = { body: vehicle.id, bodyName: vehicle.name };
  const own = loads.bodies[vehicle.id];
  const missing = (own?.missing ?? []).filter((one) => one.code !== 'contents');
  const tank = vehicle.tanks.find((one) => one.kind === 'fuel');
  const density = tank && tankDensity(tank);
  if (missing.length > 0) return { value: null, missing };
  if (!tank?.capacityL || density === undefined) return { value: null, missing: [{ code: 'fuelTank', ...about }] };
  const driver = basis === 'runningOrder' ? standardPerson : 0;
  return { value: (own?.bare ?? 0) + litres[basis](tank.capacityL) * density + driver, missing: [] };
}

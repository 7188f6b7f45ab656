import { axleLoad } from './onAxle.ts';
import type { Loads } from '../loads/loads.ts';
import type { Body } from '../rig/body.ts';
import type { GearAxle } from '../rig/runningGear.ts';
import { leastPressure, tabledPressure, tyreCapacity } from './tyreCapacity.ts';

/**
 * What is to be said of the pressure of an axle's tyres for the load that stands on them now, kPa.
 * table: what the maker's table asks for that load. wall: below it they look too soft, by the pressure on their wall; no
 * setting. overloaded: no pressure carries that load. unknown: the load, or a figure of the tyres, is not known.
 */
export type TyrePressure =
  | { readonly from: 'table' | 'wall'; readonly kPa: number; readonly load: number; readonly low: boolean | null }
  | { readonly from: 'overloaded'; readonly load: number; readonly capacity: number }
  | { readonly from: 'unknown' };

/** The maker's table goes before the wall; nothing is interpolated in it, and what is beyond it is not read off it. */
export function tyrePressure(loads: Loads, body: Body, axle: GearAxle): TyrePressure {
  const gear = 'gear' in body ? body.gear?.find((one) => one.axle === axle) : undefined;
  const load = loads.values[axleLoad(loads.view, axle)];
  if (!gear || load.kind !== 'known') return { from: 'unknown' };
  const { loadIndex, twinned = false, wheels, pressureKpa, ratedPressureKpa, pressureTable = [] } = gear;
  const low = (kPa: number) => (pressureKpa === undefined ? null : pressureKpa < kPa);
  const tabled = tabledPressure(pressureTable, load.value);
  if (tabled !== null) return { from: 'table', kPa: tabled, load: load.value, low: low(tabled) };
  const tyres = loadIndex === undefined ? null : tyreCapacity(loadIndex, twinned, wheels);
  if (!tyres) return { from: 'unknown' };
  const least = leastPressure(load.value, tyres.capacity, ratedPressureKpa ?? 0);
  if (least === null) return { from: 'overloaded', load: load.value, capacity: tyres.capacity };
  if (ratedPressureKpa === undefined) return { from: 'unknown' };
  return { from: 'wall', kPa: least, load: load.value, low: low(least) };
}

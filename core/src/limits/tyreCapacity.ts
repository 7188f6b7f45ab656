import { massTolerance } from '../units/rounding.ts';
import { tyreLoad } from './tyreTable.ts';

/** Share of a caravan's tyre capacity that practice advises to use at most. Guidance, not law. */
export const tyreReserve = 0.9;

export interface TyreCapacity {
  readonly perTyre: number;
  readonly capacity: number;
  readonly reserve90: number;
}

/**
 * What the tyres of an axle or group carry together. A tandem is single fitment: only wheels side by side are twinned.
 * @returns null where the load index is not in the table
 */
export function tyreCapacity(loadIndex: string, twinned: boolean, wheels: number): TyreCapacity | null {
  const perTyre = tyreLoad(loadIndex, twinned);
  if (perTyre === null) return null;
  return { perTyre, capacity: wheels * perTyre, reserve90: tyreReserve * wheels * perTyre };
}

/**
 * The pressure below which a tyre looks too soft for its load: p = p_ref·(load/capacity)^1.25, kPa, and no less than the
 * maker's least. It serves only to say that a set pressure looks too low, never as a setting.
 * @param load kg on the axle or group
 * @param capacity kg its tyres carry together at p_ref
 * @param reference p_ref, kPa, at which the tyre carries its full capacity
 * @returns null above the capacity: no pressure carries that
 */
export const leastPressure = (load: number, capacity: number, reference: number, least = 0): number | null =>
  load > capacity + massTolerance ? null : Math.max(least, reference * (Math.max(0, load) / capacity) ** 1.25);

/** The maker's pressure for a load on the axle: the next higher line of the table, never in between. null: off the table. */
export const tabledPressure = (
  table: readonly { readonly load: number; readonly pressureKpa: number }[],
  load: number,
): number | null =>
  [...table].sort((a, b) => a.load - b.load).find((line) => line.load >= load - 1e-6)?.pressureKpa ?? null;

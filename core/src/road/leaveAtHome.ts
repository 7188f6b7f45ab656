import { groupedBy } from '../plain/lists.ts';
import { placedMass } from '../loading/placed.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Trip } from './trip.ts';

/** Something on board, and how often it was wanted when it was taken. */
export interface Wanted {
  readonly thing: string;
  readonly name: string;
  /** kg as it lies there now. */
  readonly mass: number;
  readonly carried: number;
  readonly used: number;
}

/**
 * What lies in the rig now and has been taken before: what was never used first, then what was used least often; among equals
 * the heavier. What was used every time is left out.
 */
export function leaveAtHome(view: RigView, trips: readonly Trip[]): readonly Wanted[] {
  const counts = new Map<string, { carried: number; used: number }>();
  for (const { carried = [] } of trips) {
    for (const { thing, used } of carried) {
      const count = counts.get(thing) ?? { carried: 0, used: 0 };
      count.carried += 1;
      if (used) count.used += 1;
      counts.set(thing, count);
    }
  }
  return [...groupedBy(view.loadout.placements, ({ thing }) => thing)]
    .flatMap(([id, parts]): readonly Wanted[] => {
      const thing = view.things.get(id);
      const count = counts.get(id);
      if (!thing || !count || count.used === count.carried) return [];
      const mass = parts.reduce((sum, part) => sum + placedMass(thing, part), 0);
      return [{ thing: id, name: thing.name, mass, ...count }];
    })
    .sort((a, b) => a.used / a.carried - b.used / b.carried || b.mass - a.mass);
}

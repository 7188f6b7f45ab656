import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { TankOf } from './roadEvent.ts';

/** How much every tank holds and can hold, L, by `keyOf`; a tank whose size nobody knows is left out. */
export type Levels = ReadonlyMap<string, { readonly of: TankOf; readonly litres: number; readonly capacity: number }>;

/** One key for a tank of a body. */
export const keyOf = ({ body, tank }: TankOf): string => `${body}/${tank}`;

/** What is in the tanks of a rig as it is loaded. */
export const levelsOf = (view: RigView): Levels =>
  new Map(
    placedBodies(view).flatMap(({ body }) =>
      body.tanks.flatMap(({ id: tank, capacityL: capacity }) => {
        if (capacity === undefined) return [];
        const of = { body: body.id, tank };
        return [[keyOf(of), { of, capacity, litres: capacity * tankLevel(view.loadout, body.id, tank) }] as const];
      }),
    ),
  );

/** The rig with its tanks filled so. */
export function withLevels(view: RigView, levels: Levels): RigView {
  const rest = view.loadout.tankLevels.filter((one) => !levels.has(keyOf(one)));
  const known = [...levels.values()].map(({ of, litres, capacity }) => ({
    ...of,
    fraction: capacity > 0 ? Math.min(1, Math.max(0, litres / capacity)) : 0,
  }));
  return { ...view, loadout: { ...view.loadout, tankLevels: [...rest, ...known] } };
}

/** The tanks with one of them holding so much, and no more than it can. */
export function withLitres(levels: Levels, of: TankOf, litres: number): Levels {
  const known = levels.get(keyOf(of));
  if (!known) return levels;
  return new Map(levels).set(keyOf(of), { ...known, litres: Math.min(known.capacity, Math.max(0, litres)) });
}

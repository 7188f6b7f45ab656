import { tankDensity } from '../loading/tankContents.ts';
import type { Thing } from '../loading/loadout.ts';
import { placedMass, placedX } from '../loading/placed.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { Shift } from '../limits/limitLine.ts';
import type { Tank } from '../rig/equipment.ts';
import type { Consumable, TankOf } from './roadEvent.ts';

/**
 * How much every store holds and can hold, L (gas and food kg), by `keyOf`; a tank whose size nobody knows is left out. Food can be
 * no more than it is: what is bought is a thing of its own.
 */
export type Levels = ReadonlyMap<string, StoreLevel>;

interface StoreLevel {
  readonly of: Consumable;
  readonly amount: number;
  readonly capacity: number;
}

/** One key for a store. */
export const keyOf = (store: Consumable): string =>
  'food' in store ? `food ${store.food}` : `${store.body}/${store.tank}`;

/** What a tank holds when it is full: L, of a gas bottle kg; undefined: nobody has said. */
export const capacityOf = (tank: Tank): number | undefined => (tank.kind === 'gas' ? tank.contents : tank.capacityL);

/** What is in the tanks and in the food of a rig as it is loaded. */
export const levelsOf = (view: RigView): Levels =>
  new Map<string, StoreLevel>([
    ...placedBodies(view).flatMap(({ body }) =>
      body.tanks.flatMap((tank) => {
        const capacity = capacityOf(tank);
        if (capacity === undefined) return [];
        const of: TankOf = { body: body.id, tank: tank.id };
        return [[keyOf(of), { of, capacity, amount: capacity * tankLevel(view, body.id, tank.id) }] as const];
      }),
    ),
    ...[...foodOf(view)].map(
      ([food, amount]) => [keyOf({ food }), { of: { food }, amount, capacity: amount }] as const,
    ),
  ]);

/** kg of each thing aboard that is food. */
function foodOf(view: RigView): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  const aboard = new Set(placedBodies(view).map(({ body }) => body.id));
  for (const placement of view.loadout.placements) {
    const thing = view.things.get(placement.thing);
    if (thing?.food && aboard.has(placement.body))
      found.set(thing.id, (found.get(thing.id) ?? 0) + placedMass(thing, placement));
  }
  return found;
}

/** The rig with its tanks filled so, and its food eaten down to so much. */
export function withLevels(view: RigView, levels: Levels): RigView {
  const rest = view.loadout.tankLevels.filter((one) => !levels.has(keyOf(one)));
  const tankLevels = [...rest];
  let things: Map<string, Thing> | undefined;
  let food: ReadonlyMap<string, number> | undefined;
  for (const { of, amount, capacity } of levels.values()) {
    if (!('food' in of)) {
      const fraction = capacity > 0 ? Math.min(1, Math.max(0, amount / capacity)) : 0;
      tankLevels.push({ ...of, fraction });
      continue;
    }
    const thing = view.things.get(of.food);
    const now = (food ??= foodOf(view)).get(of.food) ?? 0;
    if (!thing || now <= 0 || amount === now) continue;
    const share = Math.max(0, amount / now);
    things ??= new Map(view.things);
    const wet = thing.wetMass === undefined ? {} : { wetMass: thing.wetMass * share };
    things.set(thing.id, { ...thing, mass: thing.mass * share, ...wet });
  }
  return { ...view, ...(things ? { things } : {}), loadout: { ...view.loadout, tankLevels } };
}

/** Levels so far on the way from one state to another, 0 to 1. */
export const between = (before: Levels, after: Levels, share: number): Levels =>
  new Map(
    [...before].map(([key, one]) => {
      const other = after.get(key)?.amount ?? one.amount;
      return [key, { ...one, amount: one.amount + share * (other - one.amount) }] as const;
    }),
  );

/** Where mass comes and goes from one state of the stores of a rig to another; a store nobody has placed counts at 0. */
export function shiftsBetween(view: RigView, before: Levels, after: Levels): readonly Shift[] {
  const change = (store: Consumable) =>
    (after.get(keyOf(store))?.amount ?? 0) - (before.get(keyOf(store))?.amount ?? 0);
  const food = foodOf(view);
  return placedBodies(view).flatMap(({ body, side, offset }): readonly Shift[] => {
    const at = (x: number | null | undefined) => (offset ?? 0) + (x ?? 0);
    const tanks = body.tanks.map((tank) => {
      const perUnit = tank.kind === 'gas' ? 1 : (tankDensity(tank) ?? 0);
      return { side, body: body.id, x: at(tank.x), mass: perUnit * change({ body: body.id, tank: tank.id }) };
    });
    const places = new Map(body.places.map((place) => [place.id, place]));
    const eaten = view.loadout.placements.flatMap((placement) => {
      const [thing, place] = [view.things.get(placement.thing), places.get(placement.place)];
      const all = food.get(placement.thing) ?? 0;
      if (!thing?.food || !place || placement.body !== body.id || all <= 0) return [];
      const share = placedMass(thing, placement) / all;
      const spot = { side, body: body.id, place: place.id, x: at(placedX(thing, placement, place)) };
      return [{ ...spot, mass: share * change({ food: thing.id }) }];
    });
    return [...tanks, ...eaten].filter(({ mass }) => mass !== 0);
  });
}

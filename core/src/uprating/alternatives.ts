import { withoutUndefined } from '../plain/lists.ts';
import type { Loadout, Thing } from '../loading/loadout.ts';
import { levelledAnew } from '../loading/loadoutChanges.ts';
import { tankContents } from '../loading/tankContents.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';
import { beforeAfter } from './beforeAfter.ts';
import type { Consequence } from './consequence.ts';
import type { Left, MovedOver, SolvedWays, Way } from './ways.ts';

/** Something the owner would take instead of a heavier thing: kg, and what it costs if that is known. */
export interface Swap {
  readonly thing: string;
  readonly name: string;
  readonly mass: number;
  readonly price?: number | undefined;
}

/** Another way than a new plate: the rig as it would then be, and what that does. */
export interface Alternative {
  readonly id: 'leave' | 'dry' | 'lighter' | 'move' | 'smallTrailer';
  readonly view: RigView;
  readonly after: PlannedAssessment;
  /** kg taken off the rig as it was, or put elsewhere. */
  readonly mass: number;
  readonly left: readonly Left[];
  readonly moved: readonly MovedOver[];
  /** Whether it is proven that no less would do; left out where nothing was looked for. */
  readonly proven?: boolean;
  /** Money per kg saved; null where no price is known or nothing is saved. */
  readonly costPerKg: number | null;
  /** Licences and speeds, where they are another matter than now. */
  readonly consequences: readonly Consequence[];
}

export interface AlternativeWishes {
  readonly swaps: readonly Swap[];
  /** What was found by solving; null: it is still being looked for. */
  readonly ways: SolvedWays | null;
}

/** What could be done instead of an uprate, each worked out like any loadout. What makes no sense on this rig is left out. */
export function alternatives(view: RigView, { swaps, ways }: AlternativeWishes): readonly Alternative[] {
  const today = assess(view);
  const dry = emptied(view);
  const lighter = swapped(view, swaps);
  const found: readonly (Omit<Alternative, 'consequences'> | null)[] = [
    solved('leave', ways?.leave),
    dry.mass > 0 ? made('dry', { ...view, loadout: dry.loadout }, dry.mass) : null,
    lighter && {
      ...made('lighter', lighter.view, lighter.saved),
      costPerKg: lighter.price === null || lighter.saved <= 0 ? null : lighter.price / lighter.saved,
    },
    solved('move', ways?.move),
    solved('smallTrailer', ways?.smallTrailer),
  ];
  return found
    .filter((one) => one !== null)
    .map((one) => ({
      ...one,
      consequences: beforeAfter(today, one.after).filter(({ topic }) => told.includes(topic)),
    }));
}

const told: readonly Consequence['topic'][] = ['licence', 'speed'];

const made = (id: Alternative['id'], view: RigView, mass: number): Omit<Alternative, 'consequences'> => ({
  id,
  view,
  after: assess(view),
  mass,
  left: [],
  moved: [],
  costPerKg: null,
});

const solved = (id: Alternative['id'], way: Way | null | undefined): Omit<Alternative, 'consequences'> | null =>
  way ? { ...made(id, way.view, way.mass), left: way.left, moved: way.moved, proven: way.proven } : null;

const water: readonly string[] = ['fresh', 'grey', 'black'];

/** Every water tank empty, and how much that takes off. */
function emptied(view: RigView): { readonly loadout: Loadout; readonly mass: number } {
  const tanks = placedBodies(view).flatMap(({ body }) =>
    body.tanks.filter(({ kind }) => water.includes(kind)).map((tank) => ({ body: body.id, tank })),
  );
  const mass = tanks.reduce(
    (sum, { body, tank }) => sum + (tankContents(tank, tankLevel(view, body, tank.id)) ?? 0),
    0,
  );
  const dry = tanks.map(({ body, tank }) => ({ body, tank: tank.id, fraction: 0 }));
  const tankLevels = [...levelledAnew(view.loadout.tankLevels, dry)];
  return { loadout: { ...view.loadout, tankLevels }, mass };
}

/** The same load with lighter things in it. */
function swapped(
  view: RigView,
  swaps: readonly Swap[],
): { readonly view: RigView; readonly saved: number; readonly price: number | null } | null {
  const counts = new Map<string, number>();
  for (const { thing, count } of view.loadout.placements) counts.set(thing, (counts.get(thing) ?? 0) + count);
  const things = new Map(view.things);
  let saved = 0;
  let price: number | null = 0;
  for (const swap of swaps) {
    const thing = view.things.get(swap.thing);
    const count = counts.get(swap.thing) ?? 0;
    if (!thing || count === 0 || swap.mass >= thing.mass) continue;
    things.set(swap.thing, lighterThing(thing, swap));
    saved += (thing.mass - swap.mass) * count;
    price = price === null || swap.price === undefined ? null : price + swap.price * count;
  }
  return saved > 0 ? { view: { ...view, things }, saved, price } : null;
}

/** What was weighed of the heavier thing says nothing of the lighter one. */
const lighterThing = (thing: Thing, { name, mass }: Swap): Thing =>
  withoutUndefined({ ...thing, name, mass, plusMinus: undefined, weighedOn: undefined, wetMass: undefined });

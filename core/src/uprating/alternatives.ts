import { withoutUndefined } from '../plain/lists.ts';
import type { Loadout, Thing } from '../loading/loadout.ts';
import { tankContents } from '../loading/loadoutLoads.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';
import { beforeAfter } from './beforeAfter.ts';
import type { Consequence } from './consequence.ts';
import { moveOver, type MovedOver } from './movingOver.ts';
import { withSmallTrailer, type SmallTrailerWords } from './smallTrailer.ts';
import { takeAway, type Left, type TakenAway } from './takingAway.ts';

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
  /** kg taken off the rig as it was, or moved to another body. */
  readonly mass: number;
  readonly left: readonly Left[];
  readonly moved: readonly MovedOver[];
  /** Money per kg saved; null where no price is known or nothing is saved. */
  readonly costPerKg: number | null;
  /** Licences and speeds, where they are another matter than now. */
  readonly consequences: readonly Consequence[];
}

export interface AlternativeWishes {
  readonly swaps: readonly Swap[];
  /** Things that go first: never used, say. */
  readonly least: ReadonlySet<string>;
  readonly words: SmallTrailerWords;
  /** What has to stay at home, where that is known better than by choosing greedily. */
  readonly taken?: TakenAway | null | undefined;
}

/** What could be done instead of an uprate, each worked out like any loadout. What makes no sense on this rig is left out. */
export function alternatives(
  view: RigView,
  { swaps, least, words, taken: known }: AlternativeWishes,
): readonly Alternative[] {
  const today = assess(view);
  const taken = known ?? takeAway(view, least);
  const dry = emptied(view);
  const lighter = swapped(view, swaps);
  const moved = view.vehicle && view.trailer ? moveOver(view) : null;
  const towing = withSmallTrailer(view, words);
  const found: readonly (Omit<Alternative, 'consequences'> | null)[] = [
    taken.left.length > 0 ? made('leave', view, taken.loadout, taken.after, taken.mass, { left: taken.left }) : null,
    dry.mass > 0 ? made('dry', view, dry.loadout, assess({ ...view, loadout: dry.loadout }), dry.mass) : null,
    lighter && {
      ...made('lighter', lighter.view, view.loadout, assess(lighter.view), lighter.saved),
      costPerKg: lighter.price === null || lighter.saved <= 0 ? null : lighter.price / lighter.saved,
    },
    moved && moved.moved.length > 0
      ? made('move', view, moved.loadout, moved.after, sum(moved.moved), { moved: moved.moved })
      : null,
    towing &&
      made('smallTrailer', towing.view, towing.view.loadout, assess(towing.view), towing.mass, { left: towing.moved }),
  ];
  return found
    .filter((one) => one !== null)
    .map((one) => ({
      ...one,
      consequences: beforeAfter(today, one.after).filter(({ topic }) => told.includes(topic)),
    }));
}

const told: readonly Consequence['topic'][] = ['licence', 'speed'];
const sum = (list: readonly { readonly mass: number }[]): number => list.reduce((all, { mass }) => all + mass, 0);

const made = (
  id: Alternative['id'],
  view: RigView,
  loadout: Loadout,
  after: PlannedAssessment,
  mass: number,
  lists: Partial<Pick<Alternative, 'left' | 'moved'>> = {},
): Omit<Alternative, 'consequences'> => ({
  id,
  view: { ...view, loadout },
  after,
  mass,
  left: [],
  moved: [],
  costPerKg: null,
  ...lists,
});

const water: readonly string[] = ['fresh', 'grey', 'black'];

/** Every water tank empty, and how much that takes off. */
function emptied(view: RigView): { readonly loadout: Loadout; readonly mass: number } {
  const tanks = new Map(
    placedBodies(view).flatMap(({ body }) =>
      body.tanks.filter(({ kind }) => water.includes(kind)).map((tank) => [`${body.id}/${tank.id}`, tank] as const),
    ),
  );
  let mass = 0;
  const tankLevels = view.loadout.tankLevels.map((level) => {
    const tank = tanks.get(`${level.body}/${level.tank}`);
    if (!tank) return level;
    mass += tankContents(tank, level.fraction) ?? 0;
    return { ...level, fraction: 0 };
  });
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

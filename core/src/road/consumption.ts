import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { TankKind } from '../rig/equipment.ts';
import { flowing } from './flowing.ts';
import type { Flow, RoadEvent, StopChange, TankOf } from './roadEvent.ts';
import { stopping } from './stopping.ts';
import { keyOf, levelsOf, withLevels, type Levels } from './tanks.ts';

/** What a rig and its people use up. */
export interface Rates {
  /** L for every 100 km, by itself and with a trailer behind. */
  readonly fuelAlone: number;
  readonly fuelTowing: number;
  /** L a person and night, and the share of it that ends as waste water, 0 to 1. */
  readonly water: number;
  readonly waste: number;
  /** L a night. */
  readonly gas: number;
}

/** A part of a journey: a drive, nights in one place, a stop at which something changes. */
export type Section =
  | { readonly id: string; readonly kind: 'drive'; readonly km: number }
  | { readonly id: string; readonly kind: 'stay'; readonly nights: number }
  | { readonly id: string; readonly kind: 'stop'; readonly change: StopChange };

/**
 * A journey as events of the load. What is used comes from all tanks of its kind by what each holds then; waste water goes to the
 * grey tank of the same body, else to any, else onto the ground. A drive uses fuel of the vehicle, a night water and gas of whatever stands there.
 */
export function eventsOf(start: RigView, sections: readonly Section[], rates: Rates): readonly RoadEvent[] {
  let view = start;
  return sections.map((section): RoadEvent => {
    if (section.kind === 'stop') {
      view = stopping(view, section.change);
      return section;
    }
    const levels = levelsOf(view);
    const flows =
      section.kind === 'drive'
        ? driving(view, levels, section.km, rates)
        : staying(view, levels, section.nights, rates);
    view = withLevels(view, flowing(levels, flows).parts.at(-1)?.after ?? levels);
    return { id: section.id, kind: 'flow', flows };
  });
}

const driving = (view: RigView, levels: Levels, km: number, { fuelAlone, fuelTowing }: Rates): readonly Flow[] =>
  shared(levels, tanksOf(view, 'fuel'), (km / 100) * (view.trailer ? fuelTowing : fuelAlone)).map(
    ({ of, litres }): Flow => ({ from: of, to: null, litres }),
  );

function staying(view: RigView, levels: Levels, nights: number, { water, waste, gas }: Rates): readonly Flow[] {
  const people = view.loadout.crew.filter(({ pet }) => !pet).length;
  const grey = tanksOf(view, 'grey');
  const used = shared(levels, tanksOf(view, 'fresh'), nights * people * water);
  const burnt = shared(levels, tanksOf(view, 'gas'), nights * gas);
  return [
    ...used.flatMap(({ of, litres }): readonly Flow[] => [
      { from: of, to: grey.find(({ body }) => body === of.body) ?? grey[0] ?? null, litres: waste * litres },
      { from: of, to: null, litres: (1 - waste) * litres },
    ]),
    ...burnt.map(({ of, litres }): Flow => ({ from: of, to: null, litres })),
  ].filter(({ litres }) => litres > 0);
}

/** Tanks of a kind, the vehicle's first. */
const tanksOf = (view: RigView, kind: TankKind): readonly TankOf[] =>
  placedBodies(view).flatMap(({ body }) =>
    body.tanks.filter((tank) => tank.kind === kind).map((tank) => ({ body: body.id, tank: tank.id })),
  );

/** So many litres from several tanks, by what each holds; from the first where all are empty, so that what is short is told. */
function shared(levels: Levels, tanks: readonly TankOf[], litres: number) {
  const held = tanks.map((of) => ({ of, holds: levels.get(keyOf(of))?.litres ?? 0 }));
  const all = held.reduce((sum, { holds }) => sum + holds, 0);
  return held
    .map(({ of, holds }, at) => ({ of, litres: all > 0 ? (litres * holds) / all : at === 0 ? litres : 0 }))
    .filter((one) => one.litres > 0);
}

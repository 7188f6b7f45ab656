import { viewRig } from '../document/viewRig.ts';
import type { Placement } from '../loading/loadout.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import type { chances } from './chances.ts';
import { exampleNames, exampleWorkspace } from './examples.ts';

/** Every rig of the examples. */
export const exampleRigs: readonly RigView[] = exampleNames.flatMap((name) => {
  const workspace = exampleWorkspace(name);
  return workspace.rigs.flatMap(({ id }) => viewRig(workspace, id) ?? []);
});

type Chances = ReturnType<typeof chances>;

/** A rig of the examples with other plates, ratings, tank levels and masses, its things somewhere else; by its list alone, or as its slips have it. */
export function shuffledRig({ between, often, oneOf }: Chances): RigView {
  const view = oneOf(exampleRigs);
  if (!view) throw new Error('there are no examples');
  const body = <Kind extends Body>(one: Kind | undefined): Kind | undefined =>
    one && {
      ...one,
      plates: one.plates.map((plate) => ({
        ...plate,
        figures: plate.figures.map((figure) => ({ ...figure, value: figure.value * between(0.85, 1.15) })),
      })),
      places: one.places.map((place) => (often(0.3) ? { ...place, rating: { value: between(5, 200) } } : place)),
    };
  const spots = placedBodies(view).flatMap((placed) =>
    placed.body.places.map((place) => ({ body: placed.body.id, place: place.id })),
  );
  const moved = (placement: Placement): Placement =>
    often(0.5) ? placement : { thing: placement.thing, count: placement.count, ...(oneOf(spots) ?? placement) };
  const weighed = often(0.5);
  return {
    ...view,
    slips: weighed ? view.slips : undefined,
    vehicle: body(view.vehicle),
    camper: body(view.camper),
    trailer: body(view.trailer),
    things: new Map([...view.things].map(([id, thing]) => [id, { ...thing, mass: thing.mass * between(0.5, 2) }])),
    loadout: {
      ...view.loadout,
      placements: view.loadout.placements.map(moved),
      // A tank of which no level is named holds what the empty figure has in it; on the day of a slip it was anything.
      tankLevels: view.loadout.tankLevels
        .map((level) => ({ ...level, fraction: between(0, 1) }))
        .filter(() => weighed || often(0.8)),
    },
  };
}

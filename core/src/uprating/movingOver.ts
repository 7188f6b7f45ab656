import { placePreviews } from '../limits/placePreview.ts';
import { roomInPlaces } from '../limits/roomInPlaces.ts';
import { withoutUndefined } from '../plain/lists.ts';
import type { Loadout, Placement } from '../loading/loadout.ts';
import { leanOf, placedMass } from '../loading/placed.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';

/** Something that would lie on the other body instead. kg */
export interface MovedOver {
  readonly name: string;
  readonly mass: number;
  readonly from: string;
  readonly to: string;
}

export interface MovedAll {
  readonly moved: readonly MovedOver[];
  readonly loadout: Loadout;
  readonly after: PlannedAssessment;
}

const mostMoves = 12;

/** kg over, of all limits together. */
const excess = (checks: readonly Check[]): number =>
  checks
    .filter((check) => binds(check) && comparesLoad(check))
    .reduce((sum, { margin }) => sum + Math.max(0, -(margin ?? 0)), 0);

/**
 * Things moved between vehicle and trailer, one at a time, as long as each move makes what is over less and breaks nothing that
 * is kept; a place's kind and rating are minded. Stops when nothing is over or no move helps.
 */
export function moveOver(view: RigView): MovedAll {
  let current = view;
  let after = assess(view);
  const moved: MovedOver[] = [];
  while (moved.length < mostMoves && excess(after.checks) > 0) {
    const next = bestMove(current, after);
    if (!next) break;
    moved.push(next.said);
    current = { ...current, loadout: next.loadout };
    after = next.after;
  }
  return { moved, loadout: current.loadout, after };
}

interface Move {
  readonly said: MovedOver;
  readonly loadout: Loadout;
  readonly after: PlannedAssessment;
}

/** Worked out for so many of the most promising moves; the others are judged by their influence rows alone. */
const workedOut = 6;

function bestMove(view: RigView, today: PlannedAssessment): Move | null {
  const rooms = roomInPlaces(view, today.checks);
  const bodies = new Map(placedBodies(view).map(({ body, side }) => [body.id, { body, side }]));
  const promising = view.loadout.placements
    .flatMap((placement, at) => {
      const thing = view.things.get(placement.thing);
      const from = bodies.get(placement.body);
      if (!thing || !from) return [];
      const mass = placedMass(thing, placement);
      const inHand = { mass, onlyIn: thing.onlyIn, from: placement, lean: leanOf(thing, placement) };
      return placePreviews(rooms, today.checks, inHand)
        .filter((one) => !one.breaks && !one.barred && one.left !== null && bodies.get(one.body)?.side !== from.side)
        .map((preview) => ({ at, placement, thing, mass, preview, left: preview.left ?? 0 }));
    })
    .sort((a, b) => b.mass - a.mass || b.left - a.left);
  const before = excess(today.checks);
  let best: (Move & { readonly less: number }) | null = null;
  const seen = new Set<number>();
  for (const { at, placement, thing, mass, preview } of promising) {
    if (seen.size >= workedOut) break;
    if (seen.has(at)) continue;
    seen.add(at);
    const there = withoutUndefined({
      ...placement,
      body: preview.body,
      place: preview.place,
      x: undefined,
      y: undefined,
    }) as Placement;
    const loadout = { ...view.loadout, placements: view.loadout.placements.with(at, there) };
    const after = assess({ ...view, loadout });
    const less = before - excess(after.checks);
    if (less <= 0.05 || (best && best.less >= less)) continue;
    const said = { name: thing.name, mass, from: nameOf(view, placement), to: nameOf(view, there) };
    best = { said, loadout, after, less };
  }
  return best;
}

const nameOf = (view: RigView, { body, place }: { readonly body: string; readonly place: string }): string =>
  placedBodies(view)
    .flatMap((one) => (one.body.id === body ? one.body.places : []))
    .find((one) => one.id === place)?.name ?? place;

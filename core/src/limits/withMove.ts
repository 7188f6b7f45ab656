import type { Loadout, Placement } from '../loading/loadout.ts';
import { levelledAnew, lying, placedAnew } from '../loading/loadoutChanges.ts';
import { withoutUndefined } from '../plain/lists.ts';
import type { LoadMove } from './loadMoves.ts';

/** What a loadout is once somebody did what a move says: a tank brought to a level, a thing put elsewhere, turned, or left at home, a seat taken. */
export function withMove(loadout: Loadout, move: LoadMove): Loadout {
  if (move.kind === 'tank') {
    const level = { body: move.body, tank: move.id, fraction: move.fraction ?? 0 };
    return { ...loadout, tankLevels: levelledAnew(loadout.tankLevels, [level]) };
  }
  if (move.kind === 'seat') {
    const seat = move.to?.place;
    return {
      ...loadout,
      crew: loadout.crew.map((one) => (one.id === move.id ? withoutUndefined({ ...one, seat }) : one)),
    };
  }
  const leaves = ({ body, place }: Placement) =>
    move.leaves === undefined || (body === move.body && place === move.leaves);
  const lies = loadout.placements.find((one) => one.thing === move.id && leaves(one));
  if (!lies) return loadout;
  if (move.kind === 'turn') {
    // Each piece where it is, the other way round from the first.
    const turned = lies.turned ? undefined : true;
    const placements = loadout.placements.map((one) =>
      one.thing === move.id ? withoutUndefined({ ...one, turned }) : one,
    );
    return { ...loadout, placements };
  }
  const where = move.to && { body: move.to.body, place: move.to.place, count: move.count ?? lies.count };
  if (move.leaves === undefined) return { ...loadout, placements: placedAnew(loadout.placements, move.id, where) };
  return { ...loadout, placements: carried(loadout.placements, lies, move.count ?? lies.count, where) };
}

/** So many of a line are put elsewhere, or taken home: what of them is there already is joined by them. */
function carried(
  before: readonly Placement[],
  lies: Placement,
  count: number,
  where: Omit<Placement, 'thing'> | null,
): Placement[] {
  const rest = lies.count - count;
  const now = where && lying(lies, { thing: lies.thing, ...where });
  const joins = (one: Placement) =>
    now !== null && one !== lies && JSON.stringify({ ...one, count }) === JSON.stringify({ ...now, count });
  const there = before.some(joins);
  return before.flatMap((one): readonly Placement[] => {
    if (joins(one)) return [{ ...one, count: one.count + count }];
    if (one !== lies) return [one];
    return [...(rest > 0 ? [{ ...lies, count: rest }] : []), ...(now && !there ? [now] : [])];
  });
}

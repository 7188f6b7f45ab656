import type { Loadout, Placement } from '../loading/loadout.ts';
import { levelledAnew, partAnew, placedAnew } from '../loading/loadoutChanges.ts';
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
  const rest = lies.count - (move.count ?? lies.count);
  return { ...loadout, placements: [...partAnew(loadout.placements, lies, where, rest)] };
}

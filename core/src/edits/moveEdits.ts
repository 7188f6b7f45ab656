import type { Workspace } from '../document/workspace.ts';
import type { LoadMove } from '../limits/loadMoves.ts';
import { placeThing, setTankLevel } from './loadoutEdits.ts';

/** Does with what is on board what a move says: a tank brought to a level, a thing put elsewhere, turned, or left at home. */
export function makeMove(workspace: Workspace, loadoutId: string, move: LoadMove): Workspace {
  if (move.kind === 'tank') return setTankLevel(workspace, loadoutId, move.body, move.id, move.fraction ?? 0);
  const loadout = workspace.loadouts.find(({ id }) => id === loadoutId);
  const placement = loadout?.placements.find(({ thing }) => thing === move.id);
  if (!placement) return workspace;
  if (move.kind === 'turn') {
    const { thing, turned, ...lies } = placement;
    return placeThing(workspace, loadoutId, thing, { ...lies, turned: turned ? undefined : true });
  }
  const where = move.to && { body: move.to.body, place: move.to.place, count: placement.count };
  return placeThing(workspace, loadoutId, move.id, where);
}

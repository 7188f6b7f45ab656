import type { Workspace } from '../document/workspace.ts';
import type { LoadMove } from '../limits/loadMoves.ts';
import { withMove } from '../limits/withMove.ts';

/** Does with what is on board what a move says; an unknown loadout changes nothing. */
export function makeMove(workspace: Workspace, loadoutId: string, move: LoadMove): Workspace {
  const loadouts = workspace.loadouts.map((one) => (one.id === loadoutId ? withMove(one, move) : one));
  return loadouts.every((one, at) => one === workspace.loadouts[at]) ? workspace : { ...workspace, loadouts };
}

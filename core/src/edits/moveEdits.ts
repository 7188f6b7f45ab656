import type { Workspace } from '../document/workspace.ts';
import type { LoadMove } from '../limits/loadMoves.ts';
import { withMove } from '../limits/withMove.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put } from './draft.ts';

/** Does with what is on board what a move says; an unknown loadout changes nothing. */
export function makeMove(workspace: Workspace, loadoutId: string, move: LoadMove): Workspace {
  const loadouts = workspace.loadouts.map((one) => (one.id === loadoutId ? withMove(one, move) : one));
  return loadouts.every((one, at) => one === workspace.loadouts[at]) ? workspace : { ...workspace, loadouts };
}

/** Does one move after the other, as one change. */
export const makeMoves = (workspace: Workspace, loadoutId: string, moves: readonly LoadMove[]): Workspace =>
  moves.reduce((all, move) => makeMove(all, loadoutId, move), workspace);

/** Says what a packing of a loadout is to be like; a wish given as undefined is taken back. */
export const wishPacking = (
  workspace: Workspace,
  loadoutId: string,
  patch: { readonly [Key in keyof PackingWish]?: PackingWish[Key] | undefined },
): Workspace =>
  edited(workspace, ({ loadouts }) => {
    const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.packing;
    const loadout = entryOf(loadouts, loadoutId);
    const now = withoutUndefined({ ...before, ...patch });
    if (loadout) put(loadout, { packing: Object.keys(now).length > 0 ? now : undefined });
  });

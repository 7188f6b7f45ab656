import type { BasisPart } from '../loading/loadout.ts';
import type { Workspace } from '../document/workspace.ts';
import { put } from './draft.ts';
import { inLoadout } from './loadoutEdits.ts';

/** Says that a part of a body's empty figure is not on board, or is as the figure has it. */
export const setTakenOut = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  part: BasisPart,
  out: boolean,
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const rest = (loadout.takenOut ?? []).filter((one) => one.body !== body || one.part !== part);
    const next = out ? [...rest, { body, part }] : rest;
    put(loadout, { takenOut: next.length > 0 ? next : undefined });
  });

/** Forgets the level of a tank: it holds what the empty figure has in it. */
export const forgetTankLevel = (workspace: Workspace, loadoutId: string, body: string, tank: string): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    loadout.tankLevels = loadout.tankLevels.filter((one) => one.body !== body || one.tank !== tank);
  });

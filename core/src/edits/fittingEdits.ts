import type { Workspace } from '../document/workspace.ts';
import type { Body } from '../rig/body.ts';
import type { Fitting } from '../rig/equipment.ts';
import { changeBody } from './bodyEdits.ts';
import { inList, without, withoutUndefined } from '../plain/lists.ts';

const changeFittings = (workspace: Workspace, bodyId: string, change: (fittings: readonly Fitting[]) => Fitting[]) =>
  changeBody(workspace, bodyId, (body): Body => ({ ...body, fittings: change(body.fittings ?? []) }));

/** Puts a moving part at the end of the list of its body. */
export const addFitting = (workspace: Workspace, bodyId: string, fitting: Fitting): Workspace =>
  changeFittings(workspace, bodyId, (fittings) => [...fittings, fitting]);

/** Changes a moving part: its name, mass, positions (m on its body) or where the empty figure has it. */
export const changeFitting = (
  workspace: Workspace,
  bodyId: string,
  id: string,
  patch: Partial<Omit<Fitting, 'id'>>,
): Workspace =>
  changeFittings(workspace, bodyId, (fittings) =>
    inList(fittings, id, (fitting) => withoutUndefined({ ...fitting, ...patch })),
  );

/** Takes a moving part away, and with it what the loadouts say of it. */
export function removeFitting(workspace: Workspace, bodyId: string, id: string): Workspace {
  const rest = changeFittings(workspace, bodyId, (fittings) => without(fittings, id));
  return {
    ...rest,
    loadouts: rest.loadouts.map((loadout) =>
      loadout.fittingPositions
        ? {
            ...loadout,
            fittingPositions: loadout.fittingPositions.filter((one) => one.body !== bodyId || one.fitting !== id),
          }
        : loadout,
    ),
  };
}

import type { Workspace } from '../document/workspace.ts';
import type { Fitting } from '../rig/equipment.ts';
import { inBody } from './bodyEdits.ts';
import { edited, entryOf, put, without } from './draft.ts';

/** Puts a moving part at the end of the list of its body. */
export const addFitting = (workspace: Workspace, bodyId: string, fitting: Fitting): Workspace =>
  inBody(workspace, bodyId, (body) => {
    body.fittings = [...(body.fittings ?? []), fitting];
  });

/** Changes a moving part: its name, mass, positions (m on its body) or where the empty figure has it. */
export const changeFitting = (
  workspace: Workspace,
  bodyId: string,
  id: string,
  patch: Partial<Omit<Fitting, 'id'>>,
): Workspace =>
  inBody(workspace, bodyId, ({ fittings = [] }) => {
    const fitting = entryOf(fittings, id);
    if (fitting) put(fitting, patch);
  });

/** Takes a moving part away, and with it what the loadouts say of it. */
export const removeFitting = (workspace: Workspace, bodyId: string, id: string): Workspace =>
  edited(workspace, ({ bodies, loadouts }) => {
    const body = entryOf(bodies, bodyId);
    if (body?.fittings) body.fittings = without(body.fittings, (one) => one.id === id);
    for (const loadout of loadouts) {
      const stands = loadout.fittingPositions;
      if (stands) loadout.fittingPositions = without(stands, (one) => one.body === bodyId && one.fitting === id);
    }
  });

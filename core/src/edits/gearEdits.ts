import type { Workspace } from '../document/workspace.ts';
import type { GearAxle, RunningGear } from '../rig/runningGear.ts';
import { inBody } from './bodyEdits.ts';
import { put, without } from './draft.ts';

/** Changes the running gear of one axle, which starts with `fresh` where nothing was known; null forgets it. */
export const setGear = (
  workspace: Workspace,
  bodyId: string,
  axle: GearAxle,
  patch: Partial<Omit<RunningGear, 'id' | 'axle'>> | null,
  fresh: RunningGear,
): Workspace =>
  inBody(workspace, bodyId, (body) => {
    if (body.kind === 'camper') return;
    const list = body.gear ?? [];
    if (!patch) {
      body.gear = without(list, (one) => one.axle === axle);
      return;
    }
    const known = list.find((one) => one.axle === axle);
    if (!known) list.push({ ...fresh, axle });
    const gear = known ?? list.at(-1);
    if (gear) put(gear, patch);
    body.gear = list;
  });

import type { Workspace } from '../document/workspace.ts';
import type { GearAxle, RunningGear } from '../rig/runningGear.ts';
import { changeBody } from './bodyEdits.ts';
import { withoutUndefined } from '../plain/lists.ts';

/** Changes the running gear of one axle, which starts with `fresh` where nothing was known; null forgets it. */
export const setGear = (
  workspace: Workspace,
  bodyId: string,
  axle: GearAxle,
  patch: Partial<Omit<RunningGear, 'id' | 'axle'>> | null,
  fresh: RunningGear,
): Workspace =>
  changeBody(workspace, bodyId, (body) => {
    if (body.kind === 'camper') return body;
    const list = body.gear ?? [];
    if (!patch) return { ...body, gear: list.filter((one) => one.axle !== axle) };
    const known = list.find((one) => one.axle === axle);
    const next = withoutUndefined({ ...(known ?? fresh), ...patch, axle });
    return { ...body, gear: known ? list.map((one) => (one.axle === axle ? next : one)) : [...list, next] };
  });

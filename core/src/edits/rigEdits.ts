import type { Workspace } from '../document/workspace.ts';
import type { Hitch } from '../rig/hitch.ts';
import type { Rig } from '../rig/rig.ts';
import type { Situation } from '../situation/situation.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put } from './draft.ts';

/** Changes one rig; an unknown one changes nothing. */
export const inRig = (workspace: Workspace, id: string, change: (rig: Rig) => void): Workspace =>
  edited(workspace, ({ rigs }) => {
    const rig = entryOf(rigs, id);
    if (rig) change(rig);
  });

/** Gives a rig another name. */
export const renameRig = (workspace: Workspace, id: string, name: string): Workspace =>
  inRig(workspace, id, (rig) => {
    rig.name = name;
  });

/** Changes what stands between vehicle and trailer; a field given as undefined is taken away. */
export const setHitch = (workspace: Workspace, rigId: string, patch: Partial<Hitch>): Workspace =>
  inRig(workspace, rigId, (rig) => {
    rig.hitch = withoutUndefined({ ...rig.hitch, ...patch });
  });

/** @param x m behind the front axle where the camper's front wall stands; undefined: not known */
export const setCamperPosition = (workspace: Workspace, rigId: string, x: number | undefined): Workspace =>
  inRig(workspace, rigId, ({ camper }) => camper && put(camper, { x }));

/** Changes who is where and which day: a field given as undefined is taken away. */
export const changeSituation = (workspace: Workspace, id: string, patch: Partial<Omit<Situation, 'id'>>): Workspace =>
  edited(workspace, ({ situations }) => {
    const situation = entryOf(situations, id);
    if (situation) put(situation, patch);
  });

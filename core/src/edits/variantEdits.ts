import type { Workspace } from '../document/workspace.ts';
import type { Loadout } from '../loading/loadout.ts';
import type { Rig } from '../rig/rig.ts';
import { edited, entryOf, put, without } from './draft.ts';
import { inRig } from './rigEdits.ts';

/** The ids of all the ways to load a rig, in the owner's order. */
export const loadoutIds = ({ loadout, variants }: Pick<Rig, 'loadout' | 'variants'>): readonly string[] =>
  variants?.includes(loadout) ? variants : [loadout, ...(variants ?? [])];

/** All the ways to load a rig. */
export const loadoutsOf = (workspace: Workspace, rig: Rig): readonly Loadout[] =>
  loadoutIds(rig).flatMap((id) => workspace.loadouts.find((one) => one.id === id) ?? []);

/** Another way to load the rig, to the letter like the one in hand, and in hand from now on. */
export function copyLoadout(workspace: Workspace, rigId: string, id: string, name: string): Workspace {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  const from = workspace.loadouts.find((one) => one.id === rig?.loadout);
  if (!rig || !from) return workspace;
  return edited(workspace, ({ loadouts, rigs }) => {
    loadouts.push({ ...structuredClone(from), id, name });
    const one = entryOf(rigs, rigId);
    if (one) put(one, { loadout: id, variants: [...loadoutIds(rig), id] });
  });
}

/** Gives a way to load a rig another name. */
export const renameLoadout = (workspace: Workspace, id: string, name: string): Workspace =>
  edited(workspace, ({ loadouts }) => {
    const loadout = entryOf(loadouts, id);
    if (loadout) loadout.name = name;
  });

/** Takes another of the rig's loadouts in hand. */
export const chooseLoadout = (workspace: Workspace, rigId: string, id: string): Workspace =>
  inRig(workspace, rigId, (rig) => {
    const ids = [...loadoutIds(rig)];
    if (ids.includes(id)) put(rig, { loadout: id, variants: ids });
  });

/** Drops one way to load a rig; the last one stays. What another rig uses stays too. */
export function removeLoadout(workspace: Workspace, rigId: string, id: string): Workspace {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  const left = rig ? loadoutIds(rig).filter((one) => one !== id) : [];
  const [first] = left;
  if (!rig || first === undefined || left.length === loadoutIds(rig).length) return workspace;
  const used = workspace.rigs.some((one) => one.id !== rigId && loadoutIds(one).includes(id));
  return edited(workspace, (draft) => {
    const one = entryOf(draft.rigs, rigId);
    if (one) put(one, { loadout: rig.loadout === id ? first : rig.loadout, variants: left });
    if (!used) draft.loadouts = without(draft.loadouts, (loadout) => loadout.id === id);
  });
}

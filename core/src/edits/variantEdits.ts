import type { Workspace } from '../document/workspace.ts';
import type { Loadout } from '../loading/loadout.ts';
import type { Rig } from '../rig/rig.ts';
import { inList, without } from '../plain/lists.ts';

/** The ids of all the ways to load a rig, in the owner's order. */
export const loadoutIds = ({ loadout, variants }: Pick<Rig, 'loadout' | 'variants'>): readonly string[] =>
  variants?.includes(loadout) ? variants : [loadout, ...(variants ?? [])];

/** All the ways to load a rig. */
export const loadoutsOf = (workspace: Workspace, rig: Rig): readonly Loadout[] =>
  loadoutIds(rig).flatMap((id) => workspace.loadouts.find((one) => one.id === id) ?? []);

const changeRig = (workspace: Workspace, rigId: string, change: (rig: Rig) => Rig): Workspace => ({
  ...workspace,
  rigs: inList(workspace.rigs, rigId, change),
});

/** Another way to load the rig, to the letter like the one in hand, and in hand from now on. */
export function copyLoadout(workspace: Workspace, rigId: string, id: string, name: string): Workspace {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  const from = workspace.loadouts.find((one) => one.id === rig?.loadout);
  if (!rig || !from) return workspace;
  const copied = { ...workspace, loadouts: [...workspace.loadouts, { ...structuredClone(from), id, name }] };
  return changeRig(copied, rigId, (one) => ({ ...one, loadout: id, variants: [...loadoutIds(one), id] }));
}

/** Gives a way to load a rig another name. */
export const renameLoadout = (workspace: Workspace, id: string, name: string): Workspace => ({
  ...workspace,
  loadouts: inList(workspace.loadouts, id, (loadout) => ({ ...loadout, name })),
});

/** Takes another of the rig's loadouts in hand. */
export const chooseLoadout = (workspace: Workspace, rigId: string, id: string): Workspace =>
  changeRig(workspace, rigId, (rig) =>
    loadoutIds(rig).includes(id) ? { ...rig, loadout: id, variants: [...loadoutIds(rig)] } : rig,
  );

/** Drops one way to load a rig; the last one stays. What another rig uses stays too. */
export function removeLoadout(workspace: Workspace, rigId: string, id: string): Workspace {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  const left = rig ? loadoutIds(rig).filter((one) => one !== id) : [];
  const [first] = left;
  if (!rig || first === undefined || left.length === loadoutIds(rig).length) return workspace;
  const dropped = changeRig(workspace, rigId, (one) => ({
    ...one,
    loadout: one.loadout === id ? first : one.loadout,
    variants: left,
  }));
  const used = dropped.rigs.some((one) => loadoutIds(one).includes(id));
  return used ? dropped : { ...dropped, loadouts: without(dropped.loadouts, id) };
}

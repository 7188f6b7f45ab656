import type { Ticket } from '../weighing/ticket.ts';
import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { CrewMember, Loadout, Placement, Thing } from '../loading/loadout.ts';
import { inList, without, withoutUndefined } from '../plain/lists.ts';

const changeLoadout = (workspace: Workspace, id: string, change: (loadout: Loadout) => Loadout): Workspace => ({
  ...workspace,
  loadouts: inList(workspace.loadouts, id, change),
});

/** Puts a thing on the list of what is owned; it is at home until a loadout places it. */
export const addThing = (workspace: Workspace, thing: Thing): Workspace => ({
  ...workspace,
  things: [...workspace.things, thing],
});

/** Changes what is known of a thing, kg and m; a field given as undefined is taken away. */
export const changeThing = (workspace: Workspace, id: string, patch: Partial<Omit<Thing, 'id'>>): Workspace => ({
  ...workspace,
  things: inList(workspace.things, id, (thing) => withoutUndefined({ ...thing, ...patch })),
});

/**
 * Gives a thing away for good: out of the inventory, every loadout and every trip. A slip that it stood on keeps it as it
 * was: what was weighed does not change.
 */
export function removeThing(workspace: Workspace, id: string): Workspace {
  const thing = workspace.things.find((one) => one.id === id);
  const wasOn = ({ loadout, gone }: Ticket) =>
    loadout?.placements.some((one) => one.thing === id) && !gone?.some((one) => one.id === id);
  const tickets = workspace.tickets.map((ticket) =>
    thing && wasOn(ticket) ? { ...ticket, gone: [...(ticket.gone ?? []), thing] } : ticket,
  );
  return removeEntries({ ...workspace, tickets }, { things: new Set([id]) });
}

/** Puts a thing in a place of this loadout, wherever it was before, as wet and as turned as it was; null takes it home. */
export const placeThing = (
  workspace: Workspace,
  loadoutId: string,
  thing: string,
  where: Omit<Placement, 'thing'> | null,
): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => {
    const at = loadout.placements.findIndex((one) => one.thing === thing);
    const others = loadout.placements.filter((one) => one.thing !== thing);
    const lies = where && lying(loadout.placements[at], { thing, ...where });
    if (lies) others.splice(at < 0 ? others.length : at, 0, lies);
    return { ...loadout, placements: others };
  });

/** How a thing lies that is put somewhere: as wet and as turned as it was. */
export const lying = (before: Placement | undefined, now: Placement): Placement =>
  withoutUndefined({ wet: before?.wet, turned: before?.turned, ...now });

/** Takes somebody along in a loadout; kg. */
export const addCrew = (workspace: Workspace, loadoutId: string, member: CrewMember): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => ({ ...loadout, crew: [...loadout.crew, member] }));

/** Changes what is known of somebody on board; a field given as undefined is taken away. */
export const changeCrew = (
  workspace: Workspace,
  loadoutId: string,
  id: string,
  patch: Partial<Omit<CrewMember, 'id'>>,
): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => ({
    ...loadout,
    crew: inList(loadout.crew, id, (member) => withoutUndefined({ ...member, ...patch })),
  }));

/** Leaves somebody at home in this loadout. */
export const removeCrew = (workspace: Workspace, loadoutId: string, id: string): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => ({ ...loadout, crew: without(loadout.crew, id) }));

/** Puts a moving part of a body into one of its positions. */
export const setFittingPosition = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  fitting: string,
  position: string,
): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => ({
    ...loadout,
    fittingPositions: [
      ...(loadout.fittingPositions ?? []).filter((one) => one.body !== body || one.fitting !== fitting),
      { body, fitting, position },
    ],
  }));

/** @param fraction 0 empty to 1 full */
export const setTankLevel = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  tank: string,
  fraction: number,
): Workspace =>
  changeLoadout(workspace, loadoutId, (loadout) => ({
    ...loadout,
    tankLevels: [
      ...loadout.tankLevels.filter((one) => one.body !== body || one.tank !== tank),
      { body, tank, fraction: Math.min(1, Math.max(0, fraction)) },
    ],
  }));

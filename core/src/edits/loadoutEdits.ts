import type { Ticket } from '../loading/ticket.ts';
import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { CrewMember, Loadout, Placement, Thing } from '../loading/loadout.ts';
import { levelledAnew, partAnew, placedAnew } from '../loading/loadoutChanges.ts';
import type { Said } from '../loading/saidSchema.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put, without } from './draft.ts';

/** Changes one loadout of a document, and leaves everything else as it is. */
export const inLoadout = (workspace: Workspace, id: string, change: (loadout: Loadout) => void): Workspace =>
  edited(workspace, ({ loadouts }) => {
    const loadout = entryOf(loadouts, id);
    if (loadout) change(loadout);
  });

/** Puts a thing on the list of what is owned; it is at home until a loadout places it. */
export const addThing = (workspace: Workspace, thing: Thing): Workspace =>
  edited(workspace, ({ things }) => void things.push(thing));

/** Changes what is known of a thing, kg and m; a field given as undefined is taken away. */
export const changeThing = (workspace: Workspace, id: string, patch: Partial<Omit<Thing, 'id'>>): Workspace =>
  edited(workspace, ({ things }) => {
    const thing = entryOf(things, id);
    if (thing) put(thing, patch);
  });

/**
 * Gives a thing away for good: out of the inventory, every loadout and every trip. A slip that it stood on keeps it as it
 * was: what was weighed does not change.
 */
export function removeThing(workspace: Workspace, id: string): Workspace {
  const thing = workspace.things.find((one) => one.id === id);
  const wasOn = ({ loadout, gone }: Ticket) =>
    loadout?.placements.some((one) => one.thing === id) && !gone?.some((one) => one.id === id);
  const kept = edited(workspace, (draft) => {
    workspace.tickets.forEach((ticket, at) => {
      const slip = draft.tickets[at];
      if (thing && slip && wasOn(ticket)) slip.gone = [...(ticket.gone ?? []), thing];
    });
  });
  return removeEntries(kept, { things: new Set([id]) });
}

/** Puts a thing in a place of this loadout, wherever it was before, as wet and as turned as it was; null takes it home. */
export const placeThing = (
  workspace: Workspace,
  loadoutId: string,
  thing: string,
  where: Omit<Placement, 'thing'> | null,
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.placements ?? [];
    loadout.placements = placedAnew(before, thing, where);
  });

/**
 * Does something with one part of a thing that lies in a loadout: it lies as said from now on, as wet and as turned as it was;
 * null takes it home. What of the thing lies just so already is joined.
 * @param staying so many of the part stay as they lie
 */
export const placePart = (
  workspace: Workspace,
  loadoutId: string,
  part: Placement,
  where: Omit<Placement, 'thing'> | null,
  staying = 0,
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.placements ?? [];
    loadout.placements = [...partAnew(before, part, where, staying)];
  });

/**
 * Sends so many of a thing to a place, or home: from wherever else it lies, first part first. Asked for more than lie
 * elsewhere, all of it goes; what is at home comes along as many as were asked for.
 */
export function sendThing(
  workspace: Workspace,
  loadoutId: string,
  thing: string,
  to: { readonly body: string; readonly place: string } | null,
  count: number | undefined,
): Workspace {
  const spot = to && { body: to.body, place: to.place };
  const lies = (workspace.loadouts.find(({ id }) => id === loadoutId)?.placements ?? []).filter(
    (one) => one.thing === thing,
  );
  const aboard = lies.reduce((sum, one) => sum + one.count, 0);
  if (count === undefined || count >= aboard) {
    return placeThing(workspace, loadoutId, thing, spot && { ...spot, count: count ?? Math.max(aboard, 1) });
  }
  let left = count;
  let next = workspace;
  for (const part of lies) {
    const go = part.body === to?.body && part.place === to.place ? 0 : Math.min(left, part.count);
    if (go > 0) next = placePart(next, loadoutId, part, spot && { ...spot, count: go }, part.count - go);
    left -= go;
  }
  return next;
}

/** Takes somebody along in a loadout; kg. */
export const addCrew = (workspace: Workspace, loadoutId: string, member: CrewMember): Workspace =>
  inLoadout(workspace, loadoutId, ({ crew }) => void crew.push(member));

/** Changes what is known of somebody on board; a field given as undefined is taken away. */
export const changeCrew = (
  workspace: Workspace,
  loadoutId: string,
  id: string,
  patch: Partial<Omit<CrewMember, 'id'>>,
): Workspace =>
  inLoadout(workspace, loadoutId, ({ crew }) => {
    const member = entryOf(crew, id);
    if (member) put(member, patch);
  });

/** Leaves somebody at home in this loadout. */
export const removeCrew = (workspace: Workspace, loadoutId: string, id: string): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    loadout.crew = without(loadout.crew, (one) => one.id === id);
  });

/** Puts a moving part of a body into one of its positions. */
export const setFittingPosition = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  fitting: string,
  position: string,
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const others = without(loadout.fittingPositions ?? [], (one) => one.body === body && one.fitting === fitting);
    loadout.fittingPositions = [...others, { body, fitting, position }];
  });

/**
 * Says what a body weighs as it is loaded, or what of a trailer rests on the coupling; a field given as undefined is taken
 * back. A total remembers what the plan lists then, and a load on the coupling what of it rests there: what is put in since still counts.
 * @param listed kg, `listedOn` of the body; `ball`: `listedOnBall`, null where nobody can tell
 */
export const sayOf = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  patch: { readonly [Key in keyof Omit<Said, 'body' | 'listed' | 'ballListed'>]?: Said[Key] | undefined },
  listed: { readonly total: number; readonly ball: number | null },
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.said ?? [];
    const own = before.find((one) => one.body === body);
    const next = withoutUndefined({
      ...own,
      body,
      ...patch,
      ...('total' in patch ? { listed: patch.total === undefined ? undefined : listed.total } : {}),
      ...('ballLoad' in patch
        ? { ballListed: patch.ballLoad === undefined ? undefined : (listed.ball ?? undefined) }
        : {}),
    });
    const { total, ballLoad, ballShare } = next;
    const said = total ?? ballLoad ?? ballShare;
    const all = [...before.filter((one) => one !== own), ...(said === undefined ? [] : [next])];
    put(loadout, { said: all.length > 0 ? all : undefined });
  });

/** @param fraction 0 empty to 1 full */
export const setTankLevel = (
  workspace: Workspace,
  loadoutId: string,
  body: string,
  tank: string,
  fraction: number,
): Workspace =>
  inLoadout(workspace, loadoutId, (loadout) => {
    const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.tankLevels ?? [];
    loadout.tankLevels = levelledAnew(before, [{ body, tank, fraction }]);
  });

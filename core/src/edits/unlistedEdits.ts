import type { Workspace } from '../document/workspace.ts';
import type { Loadout, Thing } from '../loading/loadout.ts';
import { levelledAnew, placedAnew } from '../loading/loadoutChanges.ts';
import { namedLevel } from '../loading/namedLevel.ts';
import { addPart, changePart } from './bodyEdits.ts';
import { edited, entryOf } from './draft.ts';

/** Where a thing lies that a scale found. */
interface FoundPlace {
  readonly body: string;
  readonly place: string;
}

/** A slip whose list is set right, and the loadout in hand that had the same gap. */
interface OnList {
  readonly ticket: string;
  readonly loadout: string;
}

/** What a slip found belongs to the body itself: a part of its ledger, kg (negative: less of it) at x, m on the body's own axis. */
export const foundOnBody = (
  workspace: Workspace,
  found: { readonly body: string; readonly ticket: string; readonly mass: number; readonly x: number },
  tools: { readonly newId: () => string; readonly name: string },
): Workspace => {
  const date = workspace.tickets.find(({ id }) => id === found.ticket)?.date;
  const change = { mass: Math.round(Math.abs(found.mass) * 10) / 10, x: Math.round(found.x * 100) / 100 };
  return addPart(workspace, found.body, 'fitted', {
    id: tools.newId(),
    name: tools.name,
    ...(found.mass > 0 ? { on: change } : { off: change }),
    inEmptyMass: 'no',
    foundBy: found.ticket,
    ...(date === undefined ? {} : { date }),
  });
};

/** What a slip found is this thing, and lies here: on the slip's list, and on that of the loadout in hand. */
export const foundThing = (workspace: Workspace, on: OnList, thing: Thing, where: FoundPlace): Workspace =>
  onLists(
    edited(workspace, ({ things }) => {
      if (!entryOf(things, thing.id)) things.push(thing);
    }),
    on,
    (list) => ({ placements: [...placedAnew(list.placements, thing.id, { ...where, count: 1 })] }),
  );

/** What a slip found is in a tank: it was at this level, 0 to 1, then, and is in the loadout in hand where that had it as the slip did. */
export function foundInTank(
  workspace: Workspace,
  on: OnList,
  tank: { readonly body: string; readonly tank: string; readonly fraction: number },
): Workspace {
  const levelOf = (list: Pick<Loadout, 'tankLevels'>) => namedLevel(list, tank.body, tank.tank);
  const then = workspace.tickets.find(({ id }) => id === on.ticket)?.loadout;
  return onLists(workspace, on, (list) =>
    then && levelOf(list) !== levelOf(then) ? {} : { tankLevels: [...levelledAnew(list.tankLevels, [tank])] },
  );
}

/** Somebody sat there whom nobody listed, kg. */
export const foundOnSeat = (
  workspace: Workspace,
  on: OnList,
  member: { readonly id: string; readonly name: string; readonly mass: number; readonly seat: string },
): Workspace =>
  onLists(workspace, on, (list) =>
    list.crew.some(({ seat }) => seat === member.seat) ? {} : { crew: [...list.crew, { ...member }] },
  );

/** A part of which nobody knew whether the empty figure contains it: now it is known. */
export const foundFitted = (workspace: Workspace, body: string, part: string, onTop: boolean): Workspace =>
  changePart(workspace, body, 'fitted', part, { inEmptyMass: onTop ? 'no' : 'yes' });

function onLists(
  workspace: Workspace,
  { ticket, loadout }: OnList,
  change: (list: Loadout) => Partial<Loadout>,
): Workspace {
  const slip = workspace.tickets.find(({ id }) => id === ticket)?.loadout;
  const now = workspace.loadouts.find(({ id }) => id === loadout);
  return edited(workspace, ({ tickets, loadouts }) => {
    const [kept, held] = [entryOf(tickets, ticket)?.loadout, entryOf(loadouts, loadout)];
    if (kept && slip) Object.assign(kept, change(slip));
    if (held && now) Object.assign(held, change(now));
  });
}

/** It came or went after the slip: it is asked no more. What was deleted went after every slip that still has it. */
export const cameSince = (workspace: Workspace, ticket: string, id: string): Workspace =>
  edited(workspace, ({ tickets }) => {
    workspace.tickets.forEach((slip, at) => {
      const draft = tickets[at];
      const concerned = slip.id === ticket || slip.gone?.some((thing) => thing.id === id) === true;
      if (draft && concerned) draft.since = [...new Set([...(slip.since ?? []), id])];
    });
  });

/** It was so on the scale already: the slip's list is set right after the loadout in hand. */
export const wasSoThen = (workspace: Workspace, on: OnList, id: string): Workspace =>
  listOnSlip(workspace, on, id, true);

/** Puts a thing or somebody on a slip's list as in the loadout in hand, or takes it off: it was not on the scale. */
export const listOnSlip = (workspace: Workspace, { ticket, loadout }: OnList, id: string, was: boolean): Workspace => {
  const now = workspace.loadouts.find((one) => one.id === loadout);
  return edited(workspace, ({ tickets }) => {
    const list = entryOf(tickets, ticket)?.loadout;
    if (!list || !now) return;
    list.placements = [
      ...list.placements.filter(({ thing }) => thing !== id),
      ...(was ? structuredClone(now.placements.filter(({ thing }) => thing === id)) : []),
    ];
    list.crew = [
      ...list.crew.filter((one) => one.id !== id),
      ...(was ? structuredClone(now.crew.filter((one) => one.id === id)) : []),
    ];
  });
};

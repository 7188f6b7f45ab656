import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Reading, Ticket } from '../weighing/ticket.ts';
import { inList, without, withoutUndefined } from '../plain/lists.ts';

/** Begins a slip in the log of weighings. */
export const addTicket = (workspace: Workspace, ticket: Ticket): Workspace => ({
  ...workspace,
  tickets: [...workspace.tickets, ticket],
});

/** A field given as undefined is taken away. */
export const changeTicket = (
  workspace: Workspace,
  id: string,
  patch: { [Key in keyof Omit<Ticket, 'id' | 'rig'>]?: Ticket[Key] | undefined },
): Workspace => ({
  ...workspace,
  tickets: inList(workspace.tickets, id, (ticket) => withoutUndefined({ ...ticket, ...patch })),
});

/** Tears a slip up. A part it found stays in the ledger and names no slip any more. */
export const removeTicket = (workspace: Workspace, id: string): Workspace =>
  removeEntries(workspace, { tickets: new Set([id]) });

const changeReadings = (
  workspace: Workspace,
  id: string,
  change: (readings: readonly Reading[]) => readonly Reading[],
): Workspace => ({
  ...workspace,
  tickets: inList(workspace.tickets, id, (ticket) => ({ ...ticket, readings: [...change(ticket.readings)] })),
});

/** Puts a reading (kg) at the end of a slip. */
export const addReading = (workspace: Workspace, id: string, reading: Reading): Workspace =>
  changeReadings(workspace, id, (readings) => [...readings, reading]);

/** Changes a reading of a slip; a field given as undefined is taken away. */
export const changeReading = (
  workspace: Workspace,
  id: string,
  reading: string,
  patch: { [Key in keyof Omit<Reading, 'id'>]?: Reading[Key] | undefined },
): Workspace =>
  changeReadings(workspace, id, (readings) =>
    inList(readings, reading, (one) => withoutUndefined({ ...one, ...patch })),
  );

/** Strikes a reading off a slip. */
export const removeReading = (workspace: Workspace, id: string, reading: string): Workspace =>
  changeReadings(workspace, id, (readings) => without(readings, reading));

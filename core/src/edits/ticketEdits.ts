import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';
import { edited, entryOf, put, without } from './draft.ts';

const inTicket = (workspace: Workspace, id: string, change: (ticket: Ticket) => void): Workspace =>
  edited(workspace, ({ tickets }) => {
    const ticket = entryOf(tickets, id);
    if (ticket) change(ticket);
  });

/** Begins a slip in the log of weighings. */
export const addTicket = (workspace: Workspace, ticket: Ticket): Workspace =>
  edited(workspace, ({ tickets }) => void tickets.push(ticket));

/**
 * A weighing of long ago of which only a total and its day are left: all of a body on one plate, with nothing said of what was
 * on board.
 */
export const addBareTotal = (
  workspace: Workspace,
  of: {
    readonly rig: string;
    readonly side: 'vehicle' | 'trailer';
    readonly value: number;
    readonly date?: string | undefined;
  },
  tools: { readonly newId: () => string; readonly name: string },
): Workspace => {
  const trailer = { state: 'uncoupled', support: 'jockey', on: ['trailer', 'jockey'] } as const;
  const vehicle = { state: 'uncoupled', on: ['front', 'rear'] } as const;
  const { on, ...stood } = of.side === 'trailer' ? trailer : vehicle;
  return addTicket(workspace, {
    id: tools.newId(),
    rig: of.rig,
    name: tools.name,
    ...(of.date === undefined ? {} : { date: of.date }),
    graduation: usualSteps,
    readings: [{ ...stood, on: [...on], id: tools.newId(), value: of.value }],
  });
};

/** Steps of a public weighbridge, kg, where nobody has looked. */
export const usualSteps = 10;

/** A field given as undefined is taken away. */
export const changeTicket = (
  workspace: Workspace,
  id: string,
  patch: { [Key in keyof Omit<Ticket, 'id' | 'rig'>]?: Ticket[Key] | undefined },
): Workspace => inTicket(workspace, id, (ticket) => put(ticket, patch));

/** Tears a slip up. A part it found stays in the ledger and names no slip any more. */
export const removeTicket = (workspace: Workspace, id: string): Workspace =>
  removeEntries(workspace, { tickets: new Set([id]) });

/** Puts a reading (kg) at the end of a slip. */
export const addReading = (workspace: Workspace, id: string, reading: Reading): Workspace =>
  inTicket(workspace, id, ({ readings }) => void readings.push(reading));

/** Changes a reading of a slip; a field given as undefined is taken away. */
export const changeReading = (
  workspace: Workspace,
  id: string,
  reading: string,
  patch: { [Key in keyof Omit<Reading, 'id'>]?: Reading[Key] | undefined },
): Workspace =>
  inTicket(workspace, id, ({ readings }) => {
    const one = entryOf(readings, reading);
    if (one) put(one, patch);
  });

/** Strikes a reading off a slip. */
export const removeReading = (workspace: Workspace, id: string, reading: string): Workspace =>
  inTicket(workspace, id, (ticket) => {
    ticket.readings = without(ticket.readings, (one) => one.id === reading);
  });

import type { Workspace } from '../document/workspace.ts';
import { logTakenIn } from '../road/log.ts';
import type { LogEntry, Section, Trip } from '../road/trip.ts';
import { edited, entryOf, put, without } from './draft.ts';

/** Keeps a trip: one that is planned, or one that is over. */
export const addTrip = (workspace: Workspace, trip: Trip): Workspace =>
  edited(workspace, ({ trips }) => void trips.push(trip));

/** Takes a trip out of the book. */
export const removeTrip = (workspace: Workspace, id: string): Workspace =>
  edited(workspace, (draft) => {
    draft.trips = without(draft.trips, (one) => one.id === id);
  });

const inTrip = (workspace: Workspace, id: string, change: (trip: Trip) => void): Workspace =>
  edited(workspace, ({ trips }) => {
    const trip = entryOf(trips, id);
    if (trip) change(trip);
  });

/** Changes a trip; a field given as undefined is taken away. */
export const changeTrip = (
  workspace: Workspace,
  id: string,
  patch: { readonly [Key in keyof Omit<Trip, 'id'>]?: Trip[Key] | undefined },
): Workspace => inTrip(workspace, id, (trip) => put(trip, patch));

/** Puts a part into the plan of a trip, in place of the one with its id where there is one. @param at where a new one goes; left out: last */
export const putSection = (workspace: Workspace, id: string, section: Section, at?: number): Workspace =>
  inTrip(workspace, id, (trip) => {
    const plan = (trip.plan ??= []);
    const known = plan.findIndex((one) => one.id === section.id);
    if (known >= 0) plan[known] = section;
    else plan.splice(at ?? plan.length, 0, section);
  });

/** Moves a part of the plan so many places on, or back; beyond either end nothing changes. */
export const shiftSection = (workspace: Workspace, id: string, section: string, by: number): Workspace =>
  inTrip(workspace, id, ({ plan = [] }) => {
    const from = plan.findIndex((one) => one.id === section);
    const to = from + by;
    if (from < 0 || to < 0 || to >= plan.length) return;
    const [moved] = plan.splice(from, 1);
    if (moved) plan.splice(to, 0, moved);
  });

/** Takes a part out of the plan, and what only that brought aboard or let in with it. */
export const removeSection = (workspace: Workspace, id: string, section: string): Workspace =>
  inTrip(workspace, id, (trip) => {
    const leans = (one: Section) =>
      (one.kind === 'setDown' && one.thing === section) || (one.kind === 'part' && one.member === section);
    trip.plan = (trip.plan ?? []).filter((one) => one.id !== section && !leans(one));
  });

/** Writes into the log what happened, in place of what it said of the same part of the trip. */
export const logEntry = (workspace: Workspace, id: string, entry: LogEntry): Workspace =>
  inTrip(workspace, id, (trip) => {
    trip.log = [...(trip.log ?? []).filter(({ did }) => did.id !== entry.did.id), entry];
  });

/** Takes something out of the log. */
export const removeLogEntry = (workspace: Workspace, id: string, entry: string): Workspace =>
  inTrip(workspace, id, (trip) => {
    trip.log = (trip.log ?? []).filter((one) => one.id !== entry);
  });

/** Takes the log of a trip into its plan. */
export const mergeLog = (workspace: Workspace, id: string): Workspace =>
  edited(workspace, (draft) => {
    const at = workspace.trips.findIndex((one) => one.id === id);
    const trip = workspace.trips[at];
    if (trip) draft.trips[at] = logTakenIn(trip);
  });

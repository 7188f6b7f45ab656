import type { Workspace } from '../document/workspace.ts';
import type { Trip } from '../loading/loadout.ts';
import { without } from '../plain/lists.ts';

/** Keeps what was on board of a journey that is over, and what of it was used. */
export const addTrip = (workspace: Workspace, trip: Trip): Workspace => ({
  ...workspace,
  trips: [...workspace.trips, trip],
});

/** Takes a journey out of the book. */
export const removeTrip = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  trips: without(workspace.trips, id),
});

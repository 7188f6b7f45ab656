import type { Workspace } from '../document/workspace.ts';
import type { Trip } from '../loading/loadout.ts';
import { edited, without } from './draft.ts';

/** Keeps what was on board of a journey that is over, and what of it was used. */
export const addTrip = (workspace: Workspace, trip: Trip): Workspace =>
  edited(workspace, ({ trips }) => void trips.push(trip));

/** Takes a journey out of the book. */
export const removeTrip = (workspace: Workspace, id: string): Workspace =>
  edited(workspace, (draft) => {
    draft.trips = without(draft.trips, (one) => one.id === id);
  });

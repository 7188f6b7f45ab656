import type { Workspace } from '../document/workspace.ts';
import type { Place } from '../rig/equipment.ts';
import { inBody } from './bodyEdits.ts';

/** Adds places to a body; those whose name is there already stay as the owner has them. */
export const addPlaces = (workspace: Workspace, bodyId: string, places: readonly Place[]): Workspace =>
  inBody(workspace, bodyId, (body) => {
    const known = new Set(body.places.map((place) => place.name.toLowerCase()));
    body.places.push(...places.filter((place) => !known.has(place.name.toLowerCase())));
  });

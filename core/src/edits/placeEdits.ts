import type { Workspace } from '../document/workspace.ts';
import type { Place } from '../rig/equipment.ts';
import { changeBody } from './bodyEdits.ts';

/** Adds places to a body; those whose name is there already stay as the owner has them. */
export const addPlaces = (workspace: Workspace, bodyId: string, places: readonly Place[]): Workspace =>
  changeBody(workspace, bodyId, (body) => {
    const known = new Set(body.places.map((place) => place.name.toLowerCase()));
    return { ...body, places: [...body.places, ...places.filter((place) => !known.has(place.name.toLowerCase()))] };
  });

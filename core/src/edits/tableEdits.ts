import type { Workspace } from '../exchange/workspace.ts';
import type { TableRow } from '../tables/thingTable.ts';
import { addThing, changeThing, placeThing } from './loadoutEdits.ts';

/**
 * Takes the rows of a table into the inventory and the loadout. A name that is owned already is brought up to date instead of
 * doubled: its mass, its count and its place.
 * @param placeOf body and place behind the key of a row's place
 */
export function takeRows(
  workspace: Workspace,
  loadoutId: string,
  rows: readonly TableRow[],
  newId: () => string,
  placeOf: (key: string) => { readonly body: string; readonly place: string } | null,
): Workspace {
  const owned = new Map(workspace.things.map((thing) => [thing.name.toLowerCase(), thing.id]));
  let next = workspace;
  for (const { name, mass, count, place } of rows) {
    const known = owned.get(name.toLowerCase());
    const id = known ?? newId();
    next = known === undefined ? addThing(next, { id, name, mass }) : changeThing(next, id, { mass });
    owned.set(name.toLowerCase(), id);
    const spot = place && placeOf(place.key);
    next = placeThing(next, loadoutId, id, spot && { ...spot, count });
  }
  return next;
}

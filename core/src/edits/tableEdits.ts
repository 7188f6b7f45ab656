import type { Workspace } from '../document/workspace.ts';
import type { TableRow } from '../entry/thingTable.ts';
import { edited, entryOf } from './draft.ts';
import { lying } from '../loading/loadoutChanges.ts';

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
  const things = new Map(workspace.things.map((thing) => [thing.id, thing]));
  const placed = new Map(
    workspace.loadouts.find(({ id }) => id === loadoutId)?.placements.map((one) => [one.thing, one]) ?? [],
  );
  for (const { name, mass, plusMinus, count, place } of rows) {
    const id = owned.get(name.toLowerCase()) ?? newId();
    owned.set(name.toLowerCase(), id);
    things.set(id, { ...(things.get(id) ?? { id, name }), mass, ...(plusMinus === undefined ? {} : { plusMinus }) });
    const spot = place && placeOf(place.key);
    if (!spot) placed.delete(id);
    else placed.set(id, lying(placed.get(id), { ...spot, thing: id, count }));
  }
  return edited(workspace, (draft) => {
    draft.things = [...things.values()];
    const loadout = entryOf(draft.loadouts, loadoutId);
    if (loadout) loadout.placements = [...placed.values()];
  });
}

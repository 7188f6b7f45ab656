import { groupedBy } from '../plain/lists.ts';
import type { Workspace } from '../document/workspace.ts';
import type { TableRow } from '../entry/thingTable.ts';
import { edited, entryOf } from './draft.ts';
import type { Placement } from '../loading/loadout.ts';
import { lying } from '../loading/loadoutChanges.ts';

/**
 * Takes the rows of a table into the inventory and the loadout. A name that is owned already is brought up to date instead of
 * doubled: its mass, its count and its place. A name on several rows with places of their own lies in all of them.
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
  const before = workspace.loadouts.find(({ id }) => id === loadoutId)?.placements ?? [];
  const placed = groupedBy(before, ({ thing }) => thing);
  const read = new Map<string, Map<string, Placement>>();
  for (const { name, mass, plusMinus, count, place } of rows) {
    const id = owned.get(name.toLowerCase()) ?? newId();
    owned.set(name.toLowerCase(), id);
    things.set(id, { ...(things.get(id) ?? { id, name }), mass, ...(plusMinus === undefined ? {} : { plusMinus }) });
    const spot = place && placeOf(place.key);
    const parts = read.get(id) ?? new Map<string, Placement>();
    read.set(id, parts);
    if (!spot) continue;
    const lay = placed.get(id);
    const here = lay?.find((one) => one.body === spot.body && one.place === spot.place) ?? lay?.[0];
    parts.set(`${spot.body}/${spot.place}`, lying(here, { ...spot, thing: id, count }));
  }
  return edited(workspace, (draft) => {
    draft.things = [...things.values()];
    const loadout = entryOf(draft.loadouts, loadoutId);
    for (const [id, parts] of read) placed.set(id, [...parts.values()]);
    if (loadout) loadout.placements = [...placed.values()].flat();
  });
}

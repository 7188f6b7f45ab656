import {
  entryLists,
  idsOf,
  mapEntries,
  mapReferences,
  referencesOf,
  type EntryList,
} from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';

/** What belongs to a rig and comes along with it. */
const ofRig = ['tickets', 'trips', 'quotes', 'cases'] as const;

/**
 * One rig as a document of its own: all that it refers to, its slips, trips, quotes and cases, all that these refer to, and
 * the loadouts that lie wholly in its bodies. Of a loadout only what lies in bodies that come along; by which slip of another
 * rig a part was found is left out.
 * @returns null where there is no such rig
 */
export function extractRig(workspace: Workspace, rigId: string): Workspace | null {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  if (!rig) return null;
  const along = new Map<EntryList, Set<string>>(entryLists.map((list) => [list, new Set<string>()]));
  const known = idsOf(workspace);
  const take = (list: EntryList, id: string) => {
    if (known[list].has(id)) along.get(list)?.add(id);
  };
  const comes = (list: EntryList, id: string) => along.get(list)?.has(id) ?? false;

  take('rigs', rigId);
  for (const list of ofRig) for (const one of workspace[list]) if (one.rig === rigId) take(list, one.id);
  // Bodies first: which part of a loadout comes along depends on them.
  for (const list of ['rigs', 'tickets'] as const) {
    for (const entry of workspace[list]) {
      if (!comes(list, entry.id)) continue;
      for (const { reference, id } of referencesOf(list, entry))
        if (reference.to !== 'pictures') take(reference.to, id);
    }
  }
  for (const { id, placements } of workspace.loadouts) {
    if (placements.length > 0 && placements.every(({ body }) => comes('bodies', body))) take('loadouts', id);
  }
  const loadouts = workspace.loadouts.map((loadout) => (comes('loadouts', loadout.id) ? inside(loadout) : loadout));
  function inside(loadout: Workspace['loadouts'][number]) {
    return (
      mapReferences('loadouts', loadout, ({ to }, id) => (to === 'bodies' && !comes('bodies', id) ? undefined : id)) ??
      loadout
    );
  }
  for (const loadout of loadouts) {
    if (comes('loadouts', loadout.id)) for (const { thing } of loadout.placements) take('things', thing);
  }
  for (const trip of workspace.trips) {
    if (!comes('trips', trip.id)) continue;
    for (const { reference, id } of referencesOf('trips', trip)) if (reference.to === 'things') take('things', id);
  }
  const own = mapEntries({ ...workspace, loadouts }, (list, entry) => {
    if (!comes(list, entry.id)) return undefined;
    // What leads to something that stays behind is left out; what led nowhere before may go on doing so.
    return mapReferences(list, entry, ({ to }, id) =>
      to !== 'pictures' && known[to].has(id) && !comes(to, id) && to !== 'quotes' ? undefined : id,
    );
  });
  return { ...own, name: rig.name };
}

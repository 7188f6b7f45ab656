import {
  entryLists,
  idsOf,
  mapEntries,
  mapReferences,
  type Entry,
  type EntryList,
} from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';

/** What becomes of the entries of a document that is opened beside another. */
export interface MergePlan {
  /** Ids of those that are there already, to the letter. */
  readonly same: Readonly<Record<EntryList, ReadonlySet<string>>>;
  /** Old id to new: something else stands under the old one. */
  readonly renamed: Readonly<Record<EntryList, ReadonlyMap<string, string>>>;
}

/**
 * Works out what is there already and what comes in under a new id. An entry is there already when it is the same to the
 * letter and all it refers to is; so one changed body brings its rig, its slips and their cases in beside the old ones.
 */
export function planMerge(base: Workspace, incoming: Workspace): MergePlan {
  const here = forEach((list) => new Map(base[list].map((entry): [string, Entry] => [entry.id, entry])));
  const taken = forEach((list) => new Set([...here[list].keys(), ...incoming[list].map(({ id }) => id)]));
  const renamed = forEach(() => new Map<string, string>());
  const rename = (list: EntryList, id: string) => {
    const next = freeId(id, taken[list]);
    taken[list].add(next);
    renamed[list].set(id, next);
  };
  for (const list of entryLists) {
    for (const entry of incoming[list]) {
      const known = here[list].get(entry.id);
      if (known && JSON.stringify(known) !== JSON.stringify(entry)) rename(list, entry.id);
    }
  }
  // What refers to something renamed differs from what is here by that alone, and so is renamed too, until nothing more is.
  for (let more = true; more;) {
    more = false;
    for (const list of entryLists) {
      for (const entry of incoming[list]) {
        if (renamed[list].has(entry.id) || !here[list].has(entry.id)) continue;
        const changed = mapReferences(list, entry, ({ to }, id) =>
          to === 'pictures' ? id : (renamed[to].get(id) ?? id),
        );
        if (changed === entry) continue;
        rename(list, entry.id);
        more = true;
      }
    }
  }
  const same = forEach(
    (list) => new Set(incoming[list].map(({ id }) => id).filter((id) => here[list].has(id) && !renamed[list].has(id))),
  );
  return { same, renamed };
}

/**
 * Puts the rigs of one document beside those of another. What is there already to the letter is not doubled; what has
 * the same id and differs comes in under a new id, and so does all that refers to it: nothing is overwritten, and nothing
 * points at another's entry.
 */
export function mergeWorkspaces(base: Workspace, incoming: Workspace): Workspace {
  const plan = planMerge(base, incoming);
  const own = idsOf(incoming);
  const here = idsOf(base);
  const added = mapEntries(incoming, (list, entry) => {
    if (plan.same[list].has(entry.id)) return undefined;
    const led = mapReferences(list, entry, ({ to }, id) => {
      if (to === 'pictures') return id;
      // A loose reference that led nowhere must not lead to what happens to have that id here. Quotes are copied into cases
      // and examples are none: their ids tell them apart and name nothing that has to be here.
      if (!own[to].has(id)) return here[to].has(id) && to !== 'quotes' ? undefined : id;
      return plan.renamed[to].get(id) ?? id;
    });
    const id = plan.renamed[list].get(entry.id);
    return led && id !== undefined ? { ...led, id } : led;
  });
  const lists = entryLists.map((list) => [list, [...base[list], ...added[list]]]);
  return { ...base, ...(Object.fromEntries(lists) as Pick<Workspace, EntryList>) };
}

const forEach = <Kind>(make: (list: EntryList) => Kind): Record<EntryList, Kind> =>
  Object.fromEntries(entryLists.map((list) => [list, make(list)])) as Record<EntryList, Kind>;

/** Ids are at most 64 characters; the old one gives way so that the number fits. */
function freeId(id: string, taken: ReadonlySet<string>): string {
  let n = 2;
  while (taken.has(`${id.slice(0, 56)}-${n}`)) n += 1;
  return `${id.slice(0, 56)}-${n}`;
}

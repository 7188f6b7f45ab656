import { entryLists, referencesOf } from './referenceTable.ts';
import type { Workspace } from './workspace.ts';

/** Hashes of the pictures a document refers to, each once: plates old and new, slips, papers of cases. */
export const photosIn = (workspace: Workspace): readonly string[] => [
  ...new Set(
    entryLists.flatMap((list) =>
      workspace[list].flatMap((entry) =>
        referencesOf(list, entry).flatMap(({ reference, id }) => (reference.to === 'pictures' ? [id] : [])),
      ),
    ),
  ),
];

/**
 * Everything in raw data that looks like the hash of a picture. For data that could not be read as a document: rather a
 * picture too many than one too few.
 */
export function hashesIn(raw: unknown): ReadonlySet<string> {
  const found = new Set<string>();
  const open: unknown[] = [raw];
  while (open.length > 0) {
    const value = open.pop();
    if (typeof value === 'string') {
      if (/^[0-9a-f]{64}$/.test(value)) found.add(value);
    } else if (typeof value === 'object' && value !== null) {
      for (const one of Object.values(value)) open.push(one);
    }
  }
  return found;
}

import type { Workspace } from '@wagonomos/core';
import { rawText } from './copies.ts';
import type { Exclusively } from './exclusively.ts';
import type { KeyValueStore } from './keyValueStore.ts';

export const documentKey = 'workspace';

/** What stood in the store, to the letter: a save names it, and takes the place of nothing else. null: nothing stood there. */
export type Revision = string | null;

export interface KeptRead {
  readonly raw: unknown;
  readonly revision: Revision;
}

/** The document as the store has it, shared by every tab. */
export interface KeptDocument {
  /** @throws where the store cannot be read */
  readonly read: () => Promise<KeptRead>;
  /**
   * Writes a document in the place of the one it was read from, and of no other.
   * @param from what stood there when it was read
   * @param put writes it; where there is no room it may make some
   * @returns what stands there now: `kept`, or what another tab has put there meanwhile
   * @throws where it cannot be written
   */
  readonly write: (latest: Workspace, from: Revision, put: () => Promise<void>) => Promise<Written>;
}

type Written =
  { readonly kept: true; readonly revision: Revision } | { readonly kept: false; readonly found: KeptRead };

const revisionOf = (raw: unknown): Revision => (raw === null || raw === undefined ? null : rawText(raw));

/** What is compared and what is written are one piece of work, which no other tab comes between. */
export function keptDocumentIn(store: KeyValueStore, exclusively: Exclusively): KeptDocument {
  const read = async (): Promise<KeptRead> => {
    const raw = await store.get(documentKey);
    return { raw, revision: revisionOf(raw) };
  };
  return {
    read,
    write: (latest, from, put) =>
      exclusively(async () => {
        const found = await read();
        if (found.revision !== from) return { kept: false, found };
        await put();
        return { kept: true, revision: revisionOf(latest) };
      }),
  };
}

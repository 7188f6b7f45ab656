import type { Workspace } from '@wagonomos/core';
import type { Copies } from '../storage/copies.ts';
import type { KeyValueStore } from '../storage/localStore.ts';
import { documentKey, type MarkStore } from '../storage/opening.ts';
import type { Tabs } from '../storage/tabs.ts';

/** What the document's store stands on; stand-ins in tests. */
export interface Keeping {
  readonly store: KeyValueStore;
  readonly copies: Copies;
  readonly tabs: Tabs;
  readonly mark: MarkStore;
  /** Version of the app. */
  readonly version: string;
  readonly now: () => Date;
  readonly pause: (ms: number) => Promise<void>;
  /**
   * Whether a yard of which no mark is left shows the demo while its store is being asked. Where something is kept all the same, it
   * takes the demo's place; until then nothing can be edited.
   */
  readonly showsDemoFirst: boolean;
  /** Resolves when the page has time for what nobody waits for. */
  readonly idle: () => Promise<void>;
}

export const historyKey = 'history';
/** Tries to make room before it is given up. */
const mostTries = 20;

/** Writes the document, making room where there is none: the history first, then old copies. */
export async function putDocument({ store, copies }: Keeping, latest: Workspace): Promise<void> {
  for (let tries = 0; ; tries += 1) {
    try {
      await store.set(documentKey, latest);
      return;
    } catch (error) {
      const room = tries === 0 ? await store.remove(historyKey).then(() => true) : await copies.makeRoom();
      if (!room || tries > mostTries) throw error;
    }
  }
}

/**
 * Where tabs do not know each other: what another one has saved meanwhile is kept before it is replaced.
 * @param ours the document, as text, that this tab last read or wrote
 */
export async function keepTheirs({ store, copies }: Keeping, ours: string): Promise<void> {
  const theirs = await store.get(documentKey);
  if (theirs && JSON.stringify(theirs) !== ours) await copies.keep(theirs, 'otherTab');
}

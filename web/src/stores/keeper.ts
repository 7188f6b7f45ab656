import type { Workspace } from '@wagonomos/core';
import type { Copies } from '../storage/copies.ts';
import { documentKey, type KeptDocument } from '../storage/keptDocument.ts';
import type { LeftStore } from '../storage/leftBehind.ts';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import { isNoRoom } from '../storage/noRoom.ts';
import type { MarkStore } from '../storage/opening.ts';
import type { Tabs } from '../storage/tabs.ts';

/** What the document's store stands on; stand-ins in tests. */
export interface Keeping {
  readonly store: KeyValueStore;
  readonly kept: KeptDocument;
  readonly copies: Copies;
  readonly tabs: Tabs;
  readonly mark: MarkStore;
  readonly left: LeftStore;
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

/**
 * Writes the document. Only where the store has no room is some made: the history first, then old copies. A store that refuses for
 * any other reason loses nothing by it.
 * @param drops whether old copies may go for it
 */
export async function putDocument({ store, copies }: Keeping, latest: Workspace, drops: boolean): Promise<void> {
  for (let tries = 0; ; tries += 1) {
    try {
      await store.set(documentKey, latest);
      return;
    } catch (error) {
      if (!isNoRoom(error)) throw error;
      const room = tries === 0 ? await store.remove(historyKey).then(() => true) : drops && (await copies.makeRoom());
      if (!room || tries > mostTries) throw error;
    }
  }
}

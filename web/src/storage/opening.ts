import type { Workspace } from '@wagonomos/core';
import type { FileFault, FileProblem } from '@wagonomos/core/files';
import { rawText, type Copies } from './copies.ts';
import type { KeptDocument, KeptRead, Revision } from './keptDocument.ts';
import type { KeyValueStore } from './keyValueStore.ts';
import { reading } from './reader.ts';

/** Where earlier versions of the app left what they could not read. */
const oldDamagedKey = 'workspace-damaged';

/** What was found where the document is kept; `mayReplace` says what may be saved in its place. */
export type Opening =
  /** Nothing, and nothing is known to have been there. */
  | { readonly kind: 'first'; readonly revision: Revision }
  /** Nothing, and something was there: the browser has cleared its store. */
  | { readonly kind: 'wiped'; readonly revision: Revision; readonly mark: KeptMark }
  | { readonly kind: 'read'; readonly revision: Revision; readonly workspace: Workspace }
  /** The store gave no answer: what is in it is not known. */
  | { readonly kind: 'blocked' }
  | Unread;

/** A document that is there and could not be read as it is. */
interface Unread {
  readonly kind: 'damaged' | 'newer';
  readonly revision: Revision;
  readonly problem: FileProblem;
  /** What of it could be read; null: nothing. */
  readonly workspace: Workspace | null;
  readonly setAside: readonly FileFault[];
  readonly count: number;
  /** All of it, to take along. */
  readonly text: string;
  /** Whether a copy of it is kept, so that something may be saved in its place. */
  readonly copied: boolean;
}

/** Says that something was kept here, in another store than the document: so that a wiped one is not taken for a first visit. */
export interface KeptMark {
  /** The day of the last save, ISO 8601. */
  readonly day: string;
  readonly rigs: number;
  /** Version of the app that saved last. */
  readonly version: string;
}

export interface MarkStore {
  readonly read: () => KeptMark | null;
  readonly write: (mark: KeptMark) => void;
}

/** Times a read that fails is made again, and the pauses before, ms: a store may need a moment after a hard end. */
const readPauses = [150, 500, 1200];

/**
 * Reads what is kept. A copy is made of what is there before a newer version of the app rewrites it, and of what could not be
 * read before anything may take its place. Whatever the store does, it never throws.
 * @throws where the part of the app that reads does not come
 * @param app version of the app
 */
export async function openKept(
  store: KeyValueStore,
  document: KeptDocument,
  copies: Copies,
  mark: MarkStore,
  app: string,
  pause: (ms: number) => Promise<void>,
): Promise<Opening> {
  let read: KeptRead;
  for (let tries = 0; ; tries += 1) {
    try {
      read = await document.read();
      break;
    } catch {
      const wait = readPauses[tries];
      if (wait === undefined) return { kind: 'blocked' };
      await pause(wait);
    }
  }
  const { raw: kept, revision } = read;
  await rescueOld(store, copies);
  if (revision === null) {
    const known = mark.read();
    return known ? { kind: 'wiped', revision, mark: known } : { kind: 'first', revision };
  }
  const { readLeniently, readParsed } = await reading();
  const parsed = readParsed(kept);
  if (parsed.ok) {
    const { version } = kept as { version: unknown };
    const last = mark.read();
    if (version !== parsed.workspace.version) await copies.keep(kept, 'migrated');
    else if (last && last.version !== app && (await copies.keep(kept, 'updated')))
      mark.write({ ...last, version: app });
    return { kind: 'read', revision, workspace: parsed.workspace };
  }
  const kind = parsed.problem.code === 'newer' ? 'newer' : 'damaged';
  const text = rawText(kept);
  // Opened again and again it is still one document.
  const before = (await copies.list()).find(({ why }) => why === kind);
  const known = before !== undefined && rawText(await copies.read(before.id)) === text;
  const lenient = readLeniently(kept);
  return {
    kind,
    revision,
    problem: parsed.problem,
    workspace: lenient?.workspace ?? null,
    setAside: lenient?.setAside ?? [],
    count: lenient?.count ?? 0,
    text,
    copied: known || (await copies.keep(kept, kind)) !== null,
  };
}

/** A damaged document an earlier version set aside joins the copies. */
async function rescueOld(store: KeyValueStore, copies: Copies): Promise<void> {
  try {
    const old = await store.get(oldDamagedKey);
    if (old === null || old === undefined) return;
    if (await copies.keep(old, 'damaged')) await store.remove(oldDamagedKey);
  } catch {
    // It stays where it is.
  }
}

const markKey = 'wagonomos-kept';

/** The mark in the browser's small store, which is cleared apart from the large one where space runs short. */
export const browserMark: MarkStore = {
  read: () => {
    try {
      const { day, rigs, version } = JSON.parse(localStorage.getItem(markKey) ?? '{}') as Partial<KeptMark>;
      if (typeof day !== 'string' || typeof rigs !== 'number' || typeof version !== 'string') return null;
      return { day, rigs, version };
    } catch {
      return null;
    }
  },
  write: (mark) => {
    try {
      localStorage.setItem(markKey, JSON.stringify(mark));
    } catch {
      // Without it a wiped store looks like a first visit; nothing else depends on it.
    }
  },
};

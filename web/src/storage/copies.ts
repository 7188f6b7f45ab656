import { hashesIn } from '@wagonomos/core/files';
import type { KeyValueStore } from './keyValueStore.ts';
import { isNoRoom } from './noRoom.ts';

/** Why a copy was kept. What could not be read stays until it is thrown away. */
const copyReasons = [
  'day',
  'replaced',
  'merged',
  'migrated',
  'updated',
  'restored',
  'damaged',
  'newer',
  'otherTab',
] as const;
export type CopyReason = (typeof copyReasons)[number];
const keptUntilThrownAway: readonly CopyReason[] = ['damaged', 'newer'];
/** So many of the newest that may go never do. */
const newestStay = 2;

/** What is known of a copy without reading it. */
export interface CopyNote {
  readonly id: string;
  /** ISO 8601, with time. */
  readonly at: string;
  /** Counts up, so that a clock set back changes nothing of the order; copies of earlier versions of the app have none. */
  readonly turn?: number;
  readonly why: CopyReason;
  readonly rigs: readonly string[];
  readonly things: number;
  /** Of its text. */
  readonly bytes: number;
  /** Hashes of the pictures it names: they stay as long as it does. */
  readonly photos: readonly string[];
}

export interface Copies {
  /** Newest first, as they were kept, whatever the clock said. Never rejects: a store that cannot be read has no copies. */
  readonly list: () => Promise<readonly CopyNote[]>;
  /**
   * Keeps a copy of raw data.
   * @param drops whether old ones may go for it; false: it is kept only where that needs no room of theirs
   * @returns null where there is no room for it, or the store takes nothing
   */
  readonly keep: (raw: unknown, why: CopyReason, drops?: boolean) => Promise<CopyNote | null>;
  /** The raw data of a copy; undefined where it is gone or cannot be read. */
  readonly read: (id: string) => Promise<unknown>;
  readonly drop: (id: string) => Promise<void>;
  /** Drops the oldest copy that may go: never the newest two, nor what could not be read. @returns false where there is none */
  readonly makeRoom: () => Promise<boolean>;
}

/** Bounds of all copies together. */
const mostCopies = 20;
const mostBytes = 40_000_000;
/** Bounds of what could not be read, so that a store damaged again and again does not fill the disk. */
const mostUnread = 10;
const mostUnreadBytes = 60_000_000;

/** Dated copies in a store of their own. @param now the clock */
export function copiesIn(store: KeyValueStore, now: () => Date): Copies {
  const list = async (): Promise<CopyNote[]> => {
    try {
      const keys = (await store.keys()).filter((key) => key.startsWith('note:'));
      const notes = await Promise.all(keys.map((key) => store.get(key)));
      return notes.filter(isNote).sort((a, b) => (b.turn ?? 0) - (a.turn ?? 0) || b.at.localeCompare(a.at));
    } catch {
      return [];
    }
  };
  const drop = async (id: string) => {
    await store.remove(`note:${id}`);
    await store.remove(`raw:${id}`);
  };
  const oldest = (notes: readonly CopyNote[]) =>
    notes
      .filter(({ why }) => !keptUntilThrownAway.includes(why))
      .slice(newestStay)
      .at(-1);
  const makeRoom = async () => {
    const first = oldest(await list());
    if (first) await drop(first.id);
    return first !== undefined;
  };
  /** Of what could not be read the oldest go when it is too much by itself; the newest of it stays. */
  const oldestUnread = (notes: readonly CopyNote[]) => {
    const unread = notes.filter(({ why }) => keptUntilThrownAway.includes(why));
    const bytes = unread.reduce((sum, one) => sum + one.bytes, 0);
    return unread.length > mostUnread || bytes > mostUnreadBytes ? unread.slice(1).at(-1) : undefined;
  };
  const withinBounds = async () => {
    for (let notes = await list(); ; notes = await list()) {
      const bytes = notes.reduce((sum, one) => sum + one.bytes, 0);
      const tooMuch = notes.length > mostCopies || bytes > mostBytes;
      const first = oldestUnread(notes) ?? (tooMuch ? oldest(notes) : undefined);
      if (!first) return;
      await drop(first.id);
    }
  };

  const keep = async (raw: unknown, why: CopyReason, drops = true): Promise<CopyNote | null> => {
    const turn = 1 + Math.max(0, ...(await list()).map((one) => one.turn ?? 0));
    const note = { ...noteOf(raw, why, now()), turn };
    for (;;) {
      try {
        await store.set(`raw:${note.id}`, raw);
        await store.set(`note:${note.id}`, note);
        break;
      } catch (error) {
        await drop(note.id).catch(() => undefined);
        if (!drops || !isNoRoom(error) || !(await makeRoom().catch(() => false))) return null;
      }
    }
    // It is kept; that the bounds could not be seen to makes it no less so.
    if (drops) await withinBounds().catch(() => undefined);
    return note;
  };
  return { list, keep, drop, makeRoom, read: (id) => store.get(`raw:${id}`).catch(() => undefined) };
}

function noteOf(raw: unknown, why: CopyReason, now: Date): CopyNote {
  const { rigs, things } = (typeof raw === 'object' && raw !== null ? raw : {}) as Readonly<Record<string, unknown>>;
  const named = (one: unknown) =>
    typeof one === 'object' && one !== null && 'name' in one && typeof one.name === 'string' ? [one.name] : [];
  return {
    id: crypto.randomUUID(),
    at: now.toISOString(),
    why,
    rigs: Array.isArray(rigs) ? rigs.flatMap(named).slice(0, 12) : [],
    things: Array.isArray(things) ? things.length : 0,
    bytes: rawText(raw).length,
    photos: [...hashesIn(raw)],
  };
}

/** Raw data as text to take along, whatever it is. */
export function rawText(raw: unknown): string {
  try {
    return JSON.stringify(raw, null, 2) ?? String(raw);
  } catch {
    return String(raw);
  }
}

const isNote = (value: unknown): value is CopyNote =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as CopyNote).id === 'string' &&
  typeof (value as CopyNote).at === 'string' &&
  copyReasons.includes((value as CopyNote).why) &&
  Array.isArray((value as CopyNote).rigs) &&
  Array.isArray((value as CopyNote).photos);

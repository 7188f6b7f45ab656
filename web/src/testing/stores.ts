import { vi } from 'vitest';
import { copiesIn } from '../storage/copies.ts';
import { exclusivelyBy } from '../storage/exclusively.ts';
import { keptDocumentIn } from '../storage/keptDocument.ts';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import type { KeptMark } from '../storage/opening.ts';
import { readFirst } from '../storage/readFirst.ts';
import type { TabEvents, Tabs } from '../storage/tabs.ts';
import type { Keeping } from '../stores/keeper.ts';

/** A store in memory that counts what is in it, refuses what goes beyond its room, and fails as often as it is told to. */
export function memoryStore(kept: Record<string, unknown> = {}, room = Infinity) {
  const entries = new Map(Object.entries(kept));
  let failures = { get: 0, set: 0 };
  const used = () => [...entries.values()].reduce<number>((sum, one) => sum + (JSON.stringify(one)?.length ?? 0), 0);
  const failing = (what: 'get' | 'set') => {
    if (failures[what] <= 0) return false;
    failures = { ...failures, [what]: failures[what] - 1 };
    return true;
  };
  const store: KeyValueStore = {
    get: (key) =>
      failing('get') ? Promise.reject(new Error('denied')) : Promise.resolve(structuredClone(entries.get(key) ?? null)),
    set: (key, value) => {
      const before = entries.get(key);
      entries.set(key, structuredClone(value));
      if (!failing('set') && used() <= room) return Promise.resolve();
      if (before === undefined) entries.delete(key);
      else entries.set(key, before);
      return Promise.reject(new DOMException('full', 'QuotaExceededError'));
    },
    remove: (key) => {
      entries.delete(key);
      return Promise.resolve();
    },
    keys: () => Promise.resolve([...entries.keys()]),
  };
  const fail = (what: 'get' | 'set', times = Infinity) => {
    failures = { ...failures, [what]: times };
  };
  return { store, entries, fail, used };
}

/** Tabs whose events a test gives. */
function toldTabs() {
  let events: TabEvents | undefined;
  const tabs: Tabs = { announce: vi.fn(), takeOver: vi.fn(), listen: (on) => (events = on) };
  return { tabs, events: () => events as TabEvents };
}

/** All that the workspace stands on, in memory, on a day of the test's own. */
export function keepingInMemory(from: {
  store?: ReturnType<typeof memoryStore>;
  copies?: ReturnType<typeof memoryStore>;
  mark?: KeptMark | null;
  day?: string;
  version?: string;
  showsDemoFirst?: boolean;
  left?: Map<string, string>;
}) {
  const store = from.store ?? memoryStore();
  const copyStore = from.copies ?? memoryStore();
  const tabs = toldTabs();
  let mark = from.mark ?? null;
  const left = from.left ?? new Map<string, string>();
  let seconds = 0;
  const now = () => new Date(Date.parse(`${from.day ?? '2026-03-14'}T09:00:00`) + 1000 * (seconds += 1));
  const kept = readFirst(store.store);
  const keeping: Keeping = {
    store: kept,
    kept: keptDocumentIn(kept, exclusivelyBy(undefined)),
    copies: copiesIn(copyStore.store, now),
    tabs: tabs.tabs,
    mark: {
      read: () => mark,
      write: (next) => {
        mark = next;
      },
    },
    left: {
      read: () => left.get('left') ?? null,
      write: (text) => void left.set('left', text),
      remove: () => void left.delete('left'),
    },
    version: from.version ?? '1',
    now,
    pause: () => Promise.resolve(),
    showsDemoFirst: from.showsDemoFirst ?? false,
    idle: () => Promise.resolve(),
  };
  return { keeping, store, copyStore, tabs, left, mark: () => mark };
}

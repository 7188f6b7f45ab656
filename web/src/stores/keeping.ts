import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Copies, CopyNote } from '../storage/copies.ts';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import { useWorkspace } from './workspace.ts';

const recordKey = 'keeping';
/** A reminder comes after so many edits and so many days without a file, and once waved off, not for so long. */
const manyEdits = 60;
const manyDays = 14;
const restsDays = 30;
const day = 86_400_000;

interface Kept {
  /** ISO 8601, with time: when a file was last saved; when the reminder was last waved off; since when edits are counted. */
  readonly lastFile: string | null;
  readonly wavedOff: string | null;
  readonly since: string;
  readonly editsBefore: number;
}

/** How safe the work is: room, the browser's word not to clear it, the last file, and the copies. */
export const useKeeping = defineStore('keeping', () => {
  const workspace = useWorkspace();
  /** Whether the browser has promised to keep the store when space runs short; null: it was not asked or has no such thing. */
  const persisted = ref<boolean | null>(null);
  /** Bytes in use and in all; null: the browser does not say. */
  const room = ref<{ readonly used: number; readonly all: number } | null>(null);
  const copies = shallowRef<readonly CopyNote[]>([]);
  const kept = ref<Kept>({ lastFile: null, wavedOff: null, since: '', editsBefore: 0 });
  let store: KeyValueStore | undefined;
  let library: Copies | undefined;
  let clock = () => new Date();
  /** Edits of this visit that are counted in `editsBefore` already. */
  let counted = 0;

  const start = async (deps: { store: KeyValueStore; copies: Copies; now: () => Date }) => {
    store = deps.store;
    library = deps.copies;
    clock = deps.now;
    const raw = await deps.store.get(recordKey).catch(() => null);
    kept.value = { lastFile: null, wavedOff: null, editsBefore: 0, since: clock().toISOString(), ...readRecord(raw) };
    await look();
  };
  /** Looks again at room and copies. */
  const look = async () => {
    copies.value = (await library?.list()) ?? [];
    const storage = 'storage' in navigator ? navigator.storage : undefined;
    persisted.value = (await storage?.persisted?.().catch(() => null)) ?? null;
    const estimate = await storage?.estimate?.().catch(() => null);
    room.value =
      estimate?.usage !== undefined && estimate.quota !== undefined
        ? { used: estimate.usage, all: estimate.quota }
        : null;
  };
  /** Asks the browser not to clear the store when space runs short: once there is something to lose. */
  const askToKeep = async () => {
    const storage = 'storage' in navigator ? navigator.storage : undefined;
    if (persisted.value === true || !storage?.persist) return;
    persisted.value = await storage.persist().catch(() => null);
  };

  const edits = computed(() => kept.value.editsBefore + workspace.edits - counted);
  const write = (change: Partial<Kept>) => {
    kept.value = { ...kept.value, ...change };
    void store?.set(recordKey, { ...kept.value }).catch(() => undefined);
  };
  /** Now and then, so that edits of earlier visits count. */
  const count = () => {
    const editsBefore = edits.value;
    counted = workspace.edits;
    write({ editsBefore });
  };
  const fileSaved = () => {
    counted = workspace.edits;
    write({ lastFile: clock().toISOString(), since: clock().toISOString(), editsBefore: 0 });
  };
  const waveOff = () => write({ wavedOff: clock().toISOString() });
  const daysSince = (at: string | null) => (at ? (clock().getTime() - new Date(at).getTime()) / day : Infinity);
  /** Much was changed and long ago saved to a file, and nobody has waved the reminder off lately. */
  const reminds = computed(
    () =>
      edits.value >= manyEdits &&
      daysSince(kept.value.since) >= manyDays &&
      daysSince(kept.value.wavedOff) >= restsDays &&
      workspace.keeps,
  );

  const read = (id: string) => library?.read(id) ?? Promise.resolve(undefined);
  const throwAway = async (id: string) => {
    await library?.drop(id).catch(() => undefined);
    await look();
  };
  return {
    persisted,
    room,
    copies,
    kept,
    edits,
    reminds,
    start,
    look,
    askToKeep,
    count,
    fileSaved,
    waveOff,
    read,
    throwAway,
  };
});

function readRecord(raw: unknown): Partial<Kept> {
  if (typeof raw !== 'object' || raw === null) return {};
  const { lastFile, wavedOff, since, editsBefore } = raw as Readonly<Record<string, unknown>>;
  const isTime = (value: unknown): value is string => typeof value === 'string' && !Number.isNaN(Date.parse(value));
  return {
    ...(isTime(lastFile) ? { lastFile } : {}),
    ...(isTime(wavedOff) ? { wavedOff } : {}),
    ...(isTime(since) ? { since } : {}),
    ...(typeof editsBefore === 'number' && editsBefore >= 0 ? { editsBefore } : {}),
  };
}

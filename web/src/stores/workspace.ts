import { photosIn, readParsed, writeWorkspace, type FileProblem, type Workspace } from '@wagonomos/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { KeyValueStore } from '../storage/localStore.ts';
import type { Tabs } from '../storage/tabs.ts';
import { demoWorkspace } from './demo.ts';

const documentKey = 'workspace';
const damagedKey = 'workspace-damaged';
const longestHistory = 500;

interface Entry {
  readonly document: Workspace;
  /** Key of the words for what was done. */
  readonly label: string;
}

/** The document, its history and its keeping. Everything shown is computed from it by core, never stored. */
export const useWorkspace = defineStore('workspace', () => {
  const document = shallowRef<Workspace | null>(null);
  const past = shallowRef<readonly Entry[]>([]);
  const future = shallowRef<readonly Entry[]>([]);
  /** Whether this tab may change the document; undefined until the tabs have agreed who writes. */
  const writes = ref<boolean | undefined>(undefined);
  /** The kept document could not be read back: what was wrong with it, and its text. */
  const damaged = shallowRef<{ problem: FileProblem; text: string } | null>(null);
  const saveFailed = ref(false);

  let store: KeyValueStore | undefined;
  let tabs: Tabs | undefined;
  let burst: string | undefined;
  /** Whether this tab has changed anything since it became the writer. */
  let touched = false;
  let saving: Promise<void> = Promise.resolve();

  /** True where another tab writes, or nobody knows yet: things may be looked at and not be changed. */
  const follows = computed(() => writes.value !== true);
  const undoLabel = computed(() => (follows.value ? undefined : past.value.at(-1)?.label));
  const redoLabel = computed(() => (follows.value ? undefined : future.value.at(-1)?.label));

  /** Reads what is kept, or starts with the demo rigs, and joins the other tabs. */
  const start = async (deps: { store: KeyValueStore; tabs: Tabs }) => {
    ({ store, tabs } = deps);
    await reload();
    tabs.listen({
      becameWriter: () => {
        const followed = writes.value === false;
        writes.value = true;
        touched = false;
        if (followed) void reload();
      },
      becameFollower: () => {
        writes.value = false;
      },
      // The tab that wrote before may still be finishing a save: what it kept counts, unless this one went on from there.
      savedElsewhere: () => {
        if (writes.value !== true || !touched) void reload();
      },
    });
  };

  const reload = async () => {
    past.value = [];
    future.value = [];
    let kept: unknown;
    try {
      kept = await store?.get(documentKey);
    } catch {
      // A browser that keeps nothing (private mode, a full disk) can still work, and says so.
      saveFailed.value = true;
    }
    if (kept === null || kept === undefined) {
      document.value = await demoWorkspace();
      return;
    }
    const read = readParsed(kept);
    if (read.ok) {
      document.value = read.workspace;
      return;
    }
    damaged.value = { problem: read.problem, text: JSON.stringify(kept, null, 2) };
    await store?.set(damagedKey, kept);
    document.value = await demoWorkspace();
  };

  /** Saves after whatever is being saved now, so that the last state wins. */
  const save = () => {
    const latest = document.value;
    if (!latest) return;
    touched = true;
    saving = saving
      .then(() => (document.value === latest ? store?.set(documentKey, latest) : undefined))
      .then(() => {
        saveFailed.value = false;
        tabs?.announce();
      })
      .catch(() => {
        saveFailed.value = true;
      });
  };

  /**
   * Replaces the document by what `change` makes of it.
   * @param label key of the words for the edit
   * @param merge edits in a row with the same key are one step of the history (typing in one field)
   */
  const edit = (label: string, change: (workspace: Workspace) => Workspace, merge?: string) => {
    const before = document.value;
    if (!before || writes.value !== true) return;
    const after = change(before);
    if (after === before) return;
    if (merge === undefined || merge !== burst) {
      past.value = [...past.value.slice(1 - longestHistory), { document: before, label }];
    }
    burst = merge;
    future.value = [];
    document.value = after;
    askToKeep();
    save();
  };

  /** Ends a run of typing: the next edit is a step of its own. */
  const settle = () => {
    burst = undefined;
  };

  const travel = (from: typeof past, to: typeof future) => {
    const entry = from.value.at(-1);
    if (!entry || !document.value || writes.value !== true) return;
    to.value = [...to.value, { document: document.value, label: entry.label }];
    from.value = from.value.slice(0, -1);
    document.value = entry.document;
    settle();
    save();
  };
  const undo = () => travel(past, future);
  const redo = () => travel(future, past);

  const takeOver = () => tabs?.takeOver();

  const text = () => (document.value ? writeWorkspace(document.value) : '');

  /** Hashes of all photographs the document and its history refer to. */
  const photos = (): ReadonlySet<string> =>
    new Set(
      [
        document.value,
        ...past.value.map((entry) => entry.document),
        ...future.value.map((entry) => entry.document),
      ].flatMap((one) => (one ? photosIn(one) : [])),
    );

  /** Resolves when everything said so far is in the store. */
  const saved = () => saving;

  return {
    document,
    writes,
    follows,
    damaged,
    saveFailed,
    undoLabel,
    redoLabel,
    start,
    edit,
    settle,
    undo,
    redo,
    takeOver,
    text,
    photos,
    saved,
  };
});

let asked = false;

/** Once there is something to lose, asks the browser not to clear it when space runs short. */
function askToKeep() {
  if (asked) return;
  asked = true;
  if ('storage' in navigator && 'persist' in navigator.storage) void navigator.storage.persist();
}

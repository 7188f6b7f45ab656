import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { fileNameFrom } from '../storage/download.ts';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import { hashOf } from '../workers/hash.ts';
import { useKeeping } from './keeping.ts';
import { useWorkspace } from './workspace.ts';

const recordKey = 'folder';
/** Of what was last written there, across visits: another hash in the folder is somebody else's work. */
const hashKey = 'folderHash';
/** The name it was written under: what is here may have got another since. */
const nameKey = 'folderFile';
/** ms of quiet after an edit before the file in the folder is written: a disk, or somebody's cloud, stands behind it. */
const quiet = 8_000;

/** What of the File System Access API is used here; its permissions are in no library of types yet. */
interface Folder extends FileSystemDirectoryHandle {
  readonly queryPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>;
}
type Picker = (wish: { id: string; mode: 'readwrite' }) => Promise<Folder>;

/**
 * none: nothing chosen. asks: the browser wants to be asked again. ready: it is written to. failed: it could not be. rests: what is
 * here must not take the place of the file there.
 */
export type FolderState = 'none' | 'asks' | 'ready' | 'failed' | 'rests';

/** A folder of the owner's, chosen once, in which the file is kept up to date by itself where the browser allows that. */
export const useFolder = defineStore('folder', () => {
  const workspace = useWorkspace();
  const keeping = useKeeping();
  const folder = shallowRef<Folder | null>(null);
  /** What the browser lets be done there. */
  const access = ref<Exclude<FolderState, 'rests'>>('none');
  const state = computed<FolderState>(() =>
    access.value !== 'none' && !workspace.may('folder') ? 'rests' : access.value,
  );
  /** ISO 8601 with time. */
  const savedAt = ref<string | null>(null);
  const can = 'showDirectoryPicker' in window;
  const name = computed(() => folder.value?.name ?? '');
  /** The name under which a file was put by that somebody else had written; null: there was none. */
  const putBy = ref<string | null>(null);
  /** The name of the file that was last written there. */
  const fileName = ref('');
  let store: KeyValueStore | undefined;
  let wait: ReturnType<typeof setTimeout> | undefined;
  /** The edit that was last written there. */
  const written = ref(0);

  const start = async (from: KeyValueStore) => {
    if (store) return;
    store = from;
    const [kept, known] = (await Promise.all(
      [recordKey, nameKey, hashKey].map((key) => from.get(key).catch(() => null)),
    )) as [Folder | null, unknown];
    if (kept === null || typeof kept.getFileHandle !== 'function') return;
    folder.value = kept;
    fileName.value = typeof known === 'string' ? known : '';
    // A store that remembers the folder and no document has lost it: the file there is all there is.
    if (workspace.opening?.kind === 'first') await workspace.holdFolder();
    const allowed = await kept.queryPermission?.({ mode: 'readwrite' }).catch(() => 'denied' as const);
    access.value = allowed === undefined || allowed === 'granted' ? 'ready' : 'asks';
  };
  const mayWrite = () => workspace.writes === true && workspace.may('folder');

  watch(
    () => workspace.edits,
    () => {
      if (access.value !== 'ready' || !mayWrite()) return;
      clearTimeout(wait);
      wait = setTimeout(() => void save(), quiet);
    },
  );
  /** Writes the file as it is now. A broken write leaves the old one: the browser swaps them when the new one is whole. */
  const save = async () => {
    clearTimeout(wait);
    const { document } = workspace;
    // Asked now, and not only when the wait began: another tab may write by now, or this one know what it has not read.
    if (!folder.value || !document || !mayWrite()) return;
    const at = workspace.edits;
    try {
      const text = workspace.text();
      const name = fileNameFrom(document.name);
      await putAside(folder.value, name, text);
      await write(folder.value, name, text);
      await store?.set(hashKey, await hashOfText(text)).catch(() => undefined);
      await store?.set(nameKey, name).catch(() => undefined);
      fileName.value = name;
      savedAt.value = new Date().toISOString();
      access.value = 'ready';
      written.value = at;
      keeping.fileSaved();
    } catch (error) {
      access.value = error instanceof DOMException && error.name === 'NotAllowedError' ? 'asks' : 'failed';
    }
  };
  /** A file of that name which this browser did not write is another computer's work, and stays under a name of its own. */
  const putAside = async (into: Folder, name: string, text: string) => {
    const there = await into.getFileHandle(name).catch(() => null);
    if (!there) return;
    const found = await (await there.getFile()).text();
    if (found === '' || found === text) return;
    if ((await hashOfText(found)) === (await store?.get(hashKey).catch(() => null))) return;
    const aside = fileNameFrom(`${name.replace(/\.wagonomos\.json$/, '')} ${new Date().toISOString().slice(0, 19)}`);
    await write(into, aside, found);
    putBy.value = aside;
  };
  /** @returns false: nobody chose one */
  const choose = async (): Promise<boolean> => {
    const pick = (window as unknown as { readonly showDirectoryPicker: Picker }).showDirectoryPicker;
    const chosen = await pick({ id: 'wagonomos', mode: 'readwrite' }).catch(() => null);
    if (!chosen) return false;
    folder.value = chosen;
    await store?.set(recordKey, chosen).catch(() => undefined);
    await letGo();
    await firstSave();
    return true;
  };
  /** It is said to be kept up to date once it is; where nothing may be written there, that is said instead. */
  const firstSave = async () => {
    await workspace.keep();
    await save();
    if (!mayWrite()) access.value = 'ready';
  };
  /** What lies there is not known to be from here any more: before a file of that name is written it is put aside. */
  const letGo = async () => {
    for (const key of [hashKey, nameKey]) await store?.remove(key).catch(() => undefined);
    fileName.value = '';
    await workspace.settleFolder();
  };
  /** The file as it lies there, to be looked at; null: it is not there or cannot be read. */
  const file = async (): Promise<File | null> => {
    const name = fileName.value || fileNameFrom(workspace.document?.name ?? '');
    const there = await folder.value?.getFileHandle(name).catch(() => null);
    return (await there?.getFile().catch(() => null)) ?? null;
  };
  /** The owner has what is in the file, or does not want it: it stays under a name of its own, and what is here is written again. */
  const goOn = async () => {
    await letGo();
    await save();
  };
  /** After a restart of the browser it asks again, and only on a press. */
  const allow = async () => {
    const answer = await folder.value?.requestPermission?.({ mode: 'readwrite' }).catch(() => 'denied' as const);
    if (answer !== undefined && answer !== 'granted') return;
    await firstSave();
  };
  const forget = async () => {
    clearTimeout(wait);
    folder.value = null;
    access.value = 'none';
    savedAt.value = null;
    putBy.value = null;
    await store?.remove(recordKey).catch(() => undefined);
    await letGo();
  };
  const pending = computed(() => state.value === 'ready' && workspace.edits > written.value);
  return { can, state, name, savedAt, pending, putBy, fileName, start, choose, allow, save, file, goOn, forget };
});

const hashOfText = (text: string): Promise<string> => hashOf(new TextEncoder().encode(text).buffer);

/** The browser swaps the old file for the new one when that is whole. */
async function write(into: Folder, name: string, text: string): Promise<void> {
  const stream = await (await into.getFileHandle(name, { create: true })).createWritable();
  await stream.write(text);
  await stream.close();
}

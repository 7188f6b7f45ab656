import { renameRig } from '@wagonomos/core/edits';
import { createPinia, setActivePinia } from 'pinia';
import { nextTick } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepingInMemory, memoryStore } from '../testing/stores.ts';
import { useFolder } from './folder.ts';
import { useWorkspace } from './workspace.ts';

/** A folder as the browser hands it out: what is in it, whether it may be written to, and whether it can be. */
function someFolder(allowed: PermissionState = 'granted', fault?: Error) {
  const files = new Map<string, string>();
  const may = { now: allowed };
  const handle = {
    name: 'Caravan papers',
    queryPermission: () => Promise.resolve(may.now),
    requestPermission: () => Promise.resolve((may.now = 'granted')),
    getFileHandle: (name: string, { create = false } = {}) => {
      if (!create && !files.has(name)) return Promise.reject(new DOMException('', 'NotFoundError'));
      return Promise.resolve({
        getFile: () => Promise.resolve({ text: () => Promise.resolve(files.get(name) ?? '') }),
        createWritable: () => {
          if (fault) return Promise.reject(fault);
          let text = '';
          return Promise.resolve({
            write: (part: string) => Promise.resolve(void (text += part)),
            close: () => Promise.resolve(void files.set(name, text)),
          });
        },
      });
    },
  };
  return { handle, files };
}

/** A browser's store keeps such handles as they are. */
function handleStore() {
  const kept = new Map<string, unknown>();
  return {
    get: (key: string) => Promise.resolve(kept.get(key) ?? null),
    set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, value)),
    remove: (key: string) => Promise.resolve(void kept.delete(key)),
    keys: () => Promise.resolve([...kept.keys()]),
  };
}

async function opened(about = keepingInMemory({ store: memoryStore() })) {
  setActivePinia(createPinia());
  const workspace = useWorkspace();
  await workspace.start(about.keeping);
  about.tabs.events().becameWriter(true);
  await vi.waitFor(() => expect(workspace.writes).toBe(true));
  return { workspace, folder: useFolder() };
}
const choose = (handle: unknown) =>
  Object.assign(window, {
    showDirectoryPicker: () =>
      handle === null ? Promise.reject(new DOMException('', 'AbortError')) : Promise.resolve(handle),
  });

describe('a folder of the owner’s', () => {
  beforeEach(() => vi.useFakeTimers({ shouldAdvanceTime: true }));
  afterEach(() => {
    vi.useRealTimers();
    Reflect.deleteProperty(window, 'showDirectoryPicker');
  });

  it('is written to when it is chosen, and again some quiet seconds after edits, once for many', async () => {
    const { handle, files } = someFolder();
    choose(handle);
    const { workspace, folder } = await opened();
    await folder.start(handleStore());
    expect(folder.state).toBe('none');
    expect(await folder.choose()).toBe(true);
    expect(folder.state).toBe('ready');
    expect([...files.values()]).toEqual([workspace.text()]);
    for (const name of ['Renamed 1', 'Renamed 2', 'Renamed 3'])
      workspace.edit('app.edit.name', (document) => renameRig(document, document.rigs[0]?.id ?? '', name));
    await nextTick();
    expect(folder.pending).toBe(true);
    expect([...files.values()].join('')).not.toContain('Renamed 3');
    await vi.advanceTimersByTimeAsync(10_000);
    await vi.waitFor(() => expect([...files.values()].join('')).toContain('Renamed 3'));
    // What was written is noted after it is there.
    await vi.waitFor(() => expect(folder.pending).toBe(false));
  });

  it('does not write over what another computer wrote there, and keeps it under a name of its own', async () => {
    const { handle, files } = someFolder();
    const store = handleStore();
    choose(handle);
    const { workspace, folder } = await opened();
    await folder.start(store);
    await folder.choose();
    const [name = ''] = files.keys();
    // Its own file, on this visit and on the next, is no other's.
    workspace.edit('app.edit.name', (document) => renameRig(document, document.rigs[0]?.id ?? '', 'Renamed'));
    await folder.save();
    expect([...files.keys()]).toEqual([name]);
    const again = await opened();
    await again.folder.start(store);
    await again.folder.save();
    expect([[...files.keys()], again.folder.putBy]).toEqual([[name], null]);
    files.set(name, 'the work of another computer');
    await again.folder.save();
    expect(files.get(name)).toBe(again.workspace.text());
    expect(files.get(again.folder.putBy ?? '')).toBe('the work of another computer');
    expect(files.size).toBe(2);
  });

  it('is known again on the next visit, and asks where the browser wants to be asked', async () => {
    const store = handleStore();
    const { handle, files } = someFolder('prompt');
    await store.set('folder', handle);
    choose(handle);
    const { folder } = await opened();
    await folder.start(store);
    expect([folder.state, folder.name]).toEqual(['asks', 'Caravan papers']);
    expect(files.size).toBe(0);
    await folder.allow();
    expect([folder.state, files.size]).toEqual(['ready', 1]);
    await folder.forget();
    expect(await store.get('folder')).toBeFalsy();
    expect(folder.state).toBe('none');
  });

  it('says when it cannot be written to, and nobody choosing one changes nothing', async () => {
    const gone = someFolder('granted', new DOMException('', 'NotFoundError'));
    choose(gone.handle);
    const { folder } = await opened();
    await folder.choose();
    expect(folder.state).toBe('failed');
    const barred = someFolder('granted', new DOMException('', 'NotAllowedError'));
    choose(barred.handle);
    await folder.choose();
    expect(folder.state).toBe('asks');
    choose(null);
    expect(await folder.choose()).toBe(false);
    expect(folder.state).toBe('asks');
  });
});

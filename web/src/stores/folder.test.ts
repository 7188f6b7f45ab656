import { removeRig, renameRig } from '@wagonomos/core/edits';
import { emptyWorkspace, type Workspace } from '@wagonomos/core';
import { createPinia, setActivePinia } from 'pinia';
import { nextTick } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { readFirst } from '../storage/readFirst.ts';
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
  return readFirst({
    get: (key: string) => Promise.resolve(kept.get(key) ?? null),
    set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, value)),
    remove: (key: string) => Promise.resolve(void kept.delete(key)),
    keys: () => Promise.resolve([...kept.keys()]),
  });
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
    const about = keepingInMemory({ store: memoryStore() });
    const { workspace, folder } = await opened(about);
    await folder.start(store);
    await folder.choose();
    const [name = ''] = files.keys();
    // Its own file, on this visit and on the next, is no other's.
    workspace.edit('app.edit.name', (document) => renameRig(document, document.rigs[0]?.id ?? '', 'Renamed'));
    await workspace.flush();
    await folder.save();
    expect([...files.keys()]).toEqual([name]);
    const again = await opened(keepingInMemory({ store: about.store }));
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
    await store.get('folder');
    await store.set('folder', handle);
    choose(handle);
    const { folder } = await opened(keepingInMemory({ store: memoryStore({ workspace: emptyWorkspace('y', 'Y') }) }));
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

  /** A yard of seven rigs, kept in the browser and in the folder. */
  async function keptTwice() {
    const { handle, files } = someFolder();
    choose(handle);
    const store = handleStore();
    const about = keepingInMemory({ store: memoryStore() });
    const first = await opened(about);
    await first.folder.start(store);
    first.workspace.edit('app.edit.name', (document) => renameRig(document, document.rigs[0]?.id ?? '', 'Own'));
    await first.workspace.flush();
    await first.folder.choose();
    const [name = ''] = files.keys();
    const rigs = () => (JSON.parse(files.get(name) ?? '{}') as Workspace).rigs.length;
    expect(rigs()).toBe(7);
    const again = async () => {
      const next = await opened(keepingInMemory({ store: about.store, copies: about.copyStore, mark: about.mark() }));
      await next.folder.start(store);
      return next;
    };
    /** An edit, and all the time a file could be written in. */
    const work = async ({ workspace, folder }: Awaited<ReturnType<typeof opened>>) => {
      workspace.edit('app.edit.thing', (document) => ({
        ...document,
        things: [...document.things, { id: `more${document.things.length}`, name: 'More', mass: 1 }],
      }));
      await workspace.flush();
      await vi.advanceTimersByTimeAsync(10_000);
      await vi.waitFor(() => expect(folder.pending).toBe(false));
      await new Promise((resolve) => setTimeout(resolve, 50));
    };
    return { about, files, name, rigs, again, work };
  }

  it('is not written over after a start that could not read all, on that visit and the next, until the owner has said so', async () => {
    const { about, files, name, rigs, again, work } = await keptTwice();
    const kept = about.store.entries.get('workspace') as Workspace;
    about.store.entries.set('workspace', { ...kept, bodies: 'gone' });
    const damaged = await again();
    expect(damaged.workspace.document?.rigs.length).toBeLessThan(7);
    expect(damaged.folder.state).toBe('rests');
    await work(damaged);
    expect([rigs(), damaged.folder.pending]).toEqual([7, false]);
    const next = await again();
    expect([next.workspace.opening?.kind, next.folder.state]).toEqual(['read', 'rests']);
    await work(next);
    expect(rigs()).toBe(7);
    const best = JSON.parse((await (await next.folder.file())?.text()) ?? '{}') as Workspace;
    expect(best.rigs).toHaveLength(7);
    await next.folder.goOn();
    expect(next.folder.state).toBe('ready');
    expect([...files.entries()].map(([file, text]) => [file === name, text.includes('"Own"')])).toContainEqual([
      false,
      true,
    ]);
    await work(next);
    expect([...files.values()].filter((text) => (JSON.parse(text) as Workspace).rigs.length === 7)).toHaveLength(1);
  });

  it('is not written over by the demo where the store cannot be read', async () => {
    const { about, rigs, again, work, files, name } = await keptTwice();
    about.store.fail('get');
    const blocked = await again();
    expect([blocked.workspace.opening?.kind, blocked.folder.state]).toEqual(['blocked', 'rests']);
    blocked.workspace.edit('app.edit.rig', (document) => removeRig(document, 'sandpiper'));
    await work(blocked);
    expect(rigs()).toBe(7);
    expect(files.get(name)).toContain('"Own"');
    // Once the store answers, what was read whole is written as before.
    about.store.fail('get', 0);
    const well = await again();
    expect(well.folder.state).toBe('ready');
    await work(well);
    expect(files.size).toBe(1);
  });

  it('is not written over by the demo where the store has lost the document and nothing else', async () => {
    const { about, rigs, again, work } = await keptTwice();
    about.store.entries.delete('workspace');
    const lost = await again();
    expect(lost.folder.state).toBe('rests');
    await work(lost);
    expect(rigs()).toBe(7);
  });

  it('follows undoing and redoing too', async () => {
    const { again, files, name, work } = await keptTwice();
    const next = await again();
    await work(next);
    const before = files.get(name);
    next.workspace.undo();
    expect(next.folder.pending).toBe(true);
    await vi.advanceTimersByTimeAsync(10_000);
    await vi.waitFor(() => expect(next.folder.pending).toBe(false));
    expect(files.get(name)).not.toBe(before);
    expect(files.get(name)).toBe(next.workspace.text());
  });

  it('is not written by a tab that has lost the lead meanwhile', async () => {
    const { again, files, name } = await keptTwice();
    const { workspace } = await again();
    const before = files.get(name);
    workspace.edit('app.edit.name', (document) => renameRig(document, document.rigs[0]?.id ?? '', 'Late'));
    workspace.writes = false;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(files.get(name)).toBe(before);
  });
});

import { renameRig, type Workspace } from '@wagonomos/core';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { KeyValueStore } from '../storage/localStore.ts';
import type { TabEvents, Tabs } from '../storage/tabs.ts';
import { demoWorkspace } from './demo.ts';
import { useWorkspace } from './workspace.ts';

function fakeStore(kept: Record<string, unknown> = {}) {
  const entries = new Map(Object.entries(kept));
  let failing = false;
  const store: KeyValueStore = {
    get: (key) => Promise.resolve(structuredClone(entries.get(key) ?? null)),
    set: (key, value) => {
      if (failing) return Promise.reject(new Error('quota'));
      entries.set(key, structuredClone(value));
      return Promise.resolve();
    },
  };
  return { store, entries, fail: () => (failing = true) };
}

function fakeTabs() {
  let events: TabEvents | undefined;
  const tabs: Tabs = { announce: vi.fn(), takeOver: vi.fn(), listen: (on) => (events = on) };
  return { tabs, events: () => events as TabEvents };
}

const rename = (name: string) => (document: Workspace) => renameRig(document, document.rigs[0]?.id ?? '', name);
const firstName = (workspace: ReturnType<typeof useWorkspace>) => workspace.document?.rigs[0]?.name;

beforeEach(() => {
  setActivePinia(createPinia());
});

async function started(kept: Record<string, unknown> = {}) {
  const store = fakeStore(kept);
  const tabs = fakeTabs();
  const workspace = useWorkspace();
  await workspace.start({ store: store.store, tabs: tabs.tabs });
  tabs.events().becameWriter();
  return { workspace, store, tabs };
}

describe('the workspace', () => {
  it('starts with the invented rigs and keeps nothing until something is changed', async () => {
    const { workspace, store } = await started();
    expect(workspace.document?.rigs).toHaveLength(7);
    expect(store.entries.has('workspace')).toBe(false);
  });

  it('keeps every edit at once and brings it back', async () => {
    const first = await started();
    first.workspace.edit('app.edit.name', rename('Ours'));
    await first.workspace.saved();
    setActivePinia(createPinia());
    const second = await started(Object.fromEntries(first.store.entries));
    expect(firstName(second.workspace)).toBe('Ours');
  });

  it('undoes and redoes, and forgets what was undone after a new edit', async () => {
    const { workspace } = await started();
    const before = firstName(workspace);
    workspace.edit('app.edit.name', rename('One'));
    workspace.edit('app.edit.name', rename('Two'));
    workspace.undo();
    expect(firstName(workspace)).toBe('One');
    expect(workspace.redoLabel).toBe('app.edit.name');
    workspace.redo();
    expect(firstName(workspace)).toBe('Two');
    workspace.undo();
    workspace.undo();
    expect(firstName(workspace)).toBe(before);
    expect(workspace.undoLabel).toBeUndefined();
    workspace.edit('app.edit.name', rename('Three'));
    workspace.redo();
    expect(firstName(workspace)).toBe('Three');
  });

  it('makes typing in one field one step, until the field is left', async () => {
    const { workspace } = await started();
    const before = firstName(workspace);
    for (const name of ['N', 'Ne', 'New']) workspace.edit('app.edit.name', rename(name), 'name');
    workspace.settle();
    workspace.edit('app.edit.name', rename('Newer'), 'name');
    workspace.undo();
    expect(firstName(workspace)).toBe('New');
    workspace.undo();
    expect(firstName(workspace)).toBe(before);
  });

  it('does not remember an edit that changed nothing', async () => {
    const { workspace } = await started();
    workspace.edit('app.edit.name', (document) => document);
    expect(workspace.undoLabel).toBeUndefined();
  });

  it('says when it cannot save, and that it can again', async () => {
    const { workspace, store } = await started();
    store.fail();
    workspace.edit('app.edit.name', rename('Lost?'));
    await workspace.saved();
    expect(workspace.saveFailed).toBe(true);
    expect(firstName(workspace)).toBe('Lost?');
  });

  it('works without a store that can be read, and says so', async () => {
    const store: KeyValueStore = { get: () => Promise.reject(new Error('denied')), set: () => Promise.resolve() };
    const workspace = useWorkspace();
    await workspace.start({ store, tabs: fakeTabs().tabs });
    expect(workspace.document?.rigs).toHaveLength(7);
    expect(workspace.saveFailed).toBe(true);
  });

  it('sets a damaged document aside, says so and shows the invented rigs', async () => {
    const broken = { ...(await demoWorkspace()), rigs: 'gone' };
    const { workspace, store } = await started({ workspace: broken });
    expect(workspace.damaged?.problem.code).toBe('invalid');
    expect(workspace.damaged?.text).toContain('"gone"');
    expect(store.entries.get('workspace-damaged')).toEqual(broken);
    expect(workspace.document?.rigs).toHaveLength(7);
  });
});

describe('two tabs', () => {
  it('the one that follows takes no edits and shows what the other saved', async () => {
    const { workspace, store, tabs } = await started();
    tabs.events().becameFollower();
    workspace.edit('app.edit.name', rename('Mine'));
    expect(firstName(workspace)).not.toBe('Mine');
    expect(workspace.follows).toBe(true);
    store.entries.set('workspace', rename('Theirs')(await demoWorkspace()));
    tabs.events().savedElsewhere();
    await vi.waitFor(() => expect(firstName(workspace)).toBe('Theirs'));
    expect(workspace.writes).toBe(false);
  });

  it('takes no edits before the tabs have agreed who writes', async () => {
    const workspace = useWorkspace();
    await workspace.start({ store: fakeStore().store, tabs: fakeTabs().tabs });
    const before = firstName(workspace);
    workspace.edit('app.edit.name', rename('Too soon'));
    expect(firstName(workspace)).toBe(before);
  });

  it('a new writer takes in the last save of the one before, but never over its own edits', async () => {
    const { workspace, store, tabs } = await started();
    store.entries.set('workspace', rename('Late')(await demoWorkspace()));
    tabs.events().savedElsewhere();
    await vi.waitFor(() => expect(firstName(workspace)).toBe('Late'));
    workspace.edit('app.edit.name', rename('Mine'));
    await workspace.saved();
    store.entries.set('workspace', rename('Stray')(await demoWorkspace()));
    tabs.events().savedElsewhere();
    await Promise.resolve();
    expect(firstName(workspace)).toBe('Mine');
    expect(workspace.writes).toBe(true);
  });

  it('forgets its history when it takes in another tab’s work, so that undo cannot overwrite it', async () => {
    const { workspace, tabs } = await started();
    workspace.edit('app.edit.name', rename('Mine'));
    tabs.events().becameFollower();
    tabs.events().becameWriter();
    await vi.waitFor(() => expect(workspace.undoLabel).toBeUndefined());
  });

  it('tells the others after each save', async () => {
    const { workspace, tabs } = await started();
    workspace.edit('app.edit.name', rename('Ours'));
    await workspace.saved();
    expect(tabs.tabs.announce).toHaveBeenCalledTimes(1);
  });

  it('a follower that becomes the writer starts from what is kept', async () => {
    const { workspace, store, tabs } = await started();
    tabs.events().becameFollower();
    store.entries.set('workspace', rename('Theirs')(await demoWorkspace()));
    tabs.events().becameWriter();
    await vi.waitFor(() => expect(firstName(workspace)).toBe('Theirs'));
    workspace.edit('app.edit.name', rename('Mine'));
    expect(firstName(workspace)).toBe('Mine');
  });
});

import { emptyWorkspace, type Workspace } from '@wagonomos/core';
import { addCrew, removeRig, renameRig } from '@wagonomos/core/edits';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepingInMemory, memoryStore } from '../testing/stores.ts';
import { demoWorkspace } from './demo.ts';
import { useDrafts } from './drafts.ts';
import { useWorkspace } from './workspace.ts';

const rename = (name: string) => (document: Workspace) => renameRig(document, document.rigs[0]?.id ?? '', name);
const firstName = (workspace: ReturnType<typeof useWorkspace>) => workspace.document?.rigs[0]?.name;

beforeEach(() => {
  setActivePinia(createPinia());
});

/** A tab that opens what is kept and writes. Another one after it is the next visit. */
async function started(from: Parameters<typeof keepingInMemory>[0] = {}) {
  setActivePinia(createPinia());
  const about = keepingInMemory(from);
  const workspace = useWorkspace();
  await workspace.start(about.keeping);
  about.tabs.events().becameWriter(true);
  await vi.waitFor(() => expect(workspace.writes).toBe(true));
  return { workspace, ...about };
}
const own = async () => rename('Ours')(await demoWorkspace());

describe('the workspace', () => {
  it('starts with the invented rigs and keeps nothing until something is changed', async () => {
    const { workspace, store } = await started();
    expect(workspace.document?.rigs).toHaveLength(7);
    expect(store.entries.has('workspace')).toBe(false);
  });

  it('shows the demo of a first visit while its store is asked, and takes no edit before it has answered', async () => {
    const asked = keepingInMemory({ showsDemoFirst: true });
    let answer: (() => void) | undefined;
    const answered = new Promise<void>((resolve) => (answer = resolve));
    const { get } = asked.store.store;
    vi.spyOn(asked.store.store, 'get').mockImplementation((key) => answered.then(() => get(key)));
    const workspace = useWorkspace();
    const started = workspace.start(asked.keeping);
    await vi.waitFor(() => expect(workspace.document?.rigs.length).toBeGreaterThan(5));
    const shown = workspace.document;
    workspace.edit('app.edit.renameRig', (document) => ({ ...document, name: 'Too early' }));
    expect(workspace.document).toBe(shown);
    answer?.();
    await started;
    asked.tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.writes).toBe(true));
    expect(workspace.document).toBe(shown);
    workspace.edit('app.edit.renameRig', (document) => ({ ...document, name: 'In time' }));
    expect(workspace.document?.name).toBe('In time');
  });

  it('puts what is kept in the place of the demo where only the mark of it was lost', async () => {
    const own = { ...emptyWorkspace('yard', 'Mine'), things: [] };
    const asked = keepingInMemory({ showsDemoFirst: true, store: memoryStore({ workspace: own }) });
    await useWorkspace().start(asked.keeping);
    expect(useWorkspace().document).toEqual(own);
  });

  it('takes in what another tab kept while a first visit was only looked at', async () => {
    const own = { ...emptyWorkspace('yard', 'From the other tab'), things: [] };
    const asked = keepingInMemory({ showsDemoFirst: true });
    const idle = () => {
      asked.store.entries.set('workspace', own);
      asked.keeping.mark.write({ day: '2026-03-14', rigs: 0, version: '1' });
      return Promise.resolve();
    };
    await useWorkspace().start({ ...asked.keeping, idle });
    expect(useWorkspace().document).toEqual(own);
  });

  it('keeps every edit at once and brings it back', async () => {
    const first = await started();
    first.workspace.edit('app.edit.name', rename('Ours'));
    await first.workspace.saved();
    const second = await started({ store: first.store });
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
    for (const name of ['N', 'Ne', 'New']) workspace.typing('f', () => workspace.edit('app.edit.name', rename(name)));
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

  it('keeps nothing that it could not read back, says why, and stays as it was', async () => {
    const { workspace, store } = await started();
    const before = workspace.document;
    const loadout = before?.loadouts[0]?.id ?? '';
    const people = (document: Workspace) =>
      Array.from({ length: 21 }, (_, n) => ({ id: `p${n}`, name: 'Sam', mass: 80 })).reduce(
        (next, one) => addCrew(next, loadout, one),
        document,
      );
    expect(workspace.edit('app.edit.crew', people)?.faults[0]).toMatchObject({ code: 'tooMany', detail: '20' });
    expect(workspace.refusal?.code).toBe('invalid');
    expect(workspace.document).toBe(before);
    expect(workspace.undoLabel).toBeUndefined();
    await workspace.saved();
    expect(store.entries.has('workspace')).toBe(false);
    workspace.edit('app.edit.name', rename('Fine'));
    expect(workspace.refusal).toBeNull();
  });

  it('a field is told of its own refusal, and nobody else is', async () => {
    const { workspace } = await started();
    const refused = workspace.typing('f', () => workspace.edit('app.edit.name', rename(' ')));
    expect(refused?.faults[0]?.code).toBe('tooSmall');
    expect(workspace.refusal).toBeNull();
  });
});

describe('a visit after another', () => {
  it('undoes what the one before did, up to fifty steps', async () => {
    const first = await started();
    for (let n = 1; n <= 60; n += 1) first.workspace.edit('app.edit.name', rename(`Name ${n}`));
    first.workspace.undo();
    await first.workspace.flush();
    const { workspace } = await started({ store: first.store });
    expect(firstName(workspace)).toBe('Name 59');
    workspace.redo();
    expect(firstName(workspace)).toBe('Name 60');
    for (let n = 0; n < 70; n += 1) workspace.undo();
    expect(firstName(workspace)).toBe('Name 9');
  });

  it('makes one step of what was done after the history was last kept', async () => {
    const first = await started();
    first.workspace.edit('app.edit.name', rename('One'));
    await first.workspace.flush();
    // A hard end: the document was kept, its history not yet.
    first.store.entries.set('workspace', rename('Three')(first.workspace.document!));
    const { workspace } = await started({ store: first.store });
    expect(firstName(workspace)).toBe('Three');
    expect(workspace.undoLabel).toBe('app.edit.sinceThen');
    workspace.undo();
    expect(firstName(workspace)).toBe('One');
    workspace.undo();
    expect(firstName(workspace)).not.toBe('One');
  });

  it.each([
    ['nothing of sense', { present: 1, past: [], future: [] }],
    ['another version', { present: { version: 1 }, past: [], future: [] }],
    ['a step that is no document', { present: null, past: [{ document: {}, label: 'x' }], future: [] }],
  ])('takes no history that is %s', async (_title, history) => {
    const { workspace } = await started({ store: memoryStore({ workspace: await own(), history }) });
    expect(firstName(workspace)).toBe('Ours');
    expect(workspace.undoLabel).toBeUndefined();
  });

  it('finds what was being typed', async () => {
    const first = await started();
    useDrafts().keep('quick', '2x chair');
    await first.workspace.flush();
    await started({ store: first.store });
    expect(useDrafts().read('quick')).toBe('2x chair');
    useDrafts().drop('quick');
    await useDrafts().flush();
    await started({ store: first.store });
    expect(useDrafts().read('quick')).toBeUndefined();
  });

  it('keeps a copy once a day of work, before its first edit', async () => {
    const store = memoryStore({ workspace: await own() });
    const monday = await started({ store, day: '2026-03-14' });
    for (const name of ['One', 'Two']) monday.workspace.edit('app.edit.name', rename(name));
    await vi.waitFor(async () => expect(await monday.keeping.copies.list()).toHaveLength(1));
    const again = await started({ store, copies: monday.copyStore, day: '2026-03-14' });
    again.workspace.edit('app.edit.name', rename('Three'));
    await again.workspace.flush();
    const next = await started({ store, copies: monday.copyStore, day: '2026-03-15' });
    next.workspace.edit('app.edit.name', rename('Four'));
    await vi.waitFor(async () => expect(await next.keeping.copies.list()).toHaveLength(2));
    const copies = await next.keeping.copies.list();
    expect(copies.map(({ why }) => why)).toEqual(['day', 'day']);
    const names = await Promise.all(
      copies.map(async ({ id }) => ((await next.keeping.copies.read(id)) as Workspace).rigs[0]?.name),
    );
    expect(names).toEqual(['Three', 'Ours']);
  });

  it('by a newer app keeps a copy of what an older one left, once', async () => {
    const mark = { day: '2026-03-01', rigs: 7, version: '0.9' };
    const first = await started({ store: memoryStore({ workspace: await own() }), mark });
    expect((await first.keeping.copies.list()).map(({ why }) => why)).toEqual(['updated']);
    await started({ store: first.store, copies: first.copyStore, mark: first.mark() });
    expect(await first.keeping.copies.list()).toHaveLength(1);
  });

  it('brings an older format up to date and keeps it as it was', async () => {
    const before: Partial<Record<keyof Workspace, unknown>> = { ...(await own()), version: 2 };
    for (const list of ['tickets', 'trips', 'quotes', 'cases'] as const) delete before[list];
    const { workspace, keeping } = await started({ store: memoryStore({ workspace: before }) });
    expect(firstName(workspace)).toBe('Ours');
    const [copy] = await keeping.copies.list();
    expect(copy?.why).toBe('migrated');
    expect(await keeping.copies.read(copy!.id)).toEqual(before);
  });
});

describe('nothing is saved over what was not read', () => {
  it('a damaged document is shown as far as it can be read, and a copy of all of it is kept before anything takes its place', async () => {
    const broken = { ...(await own()), things: [{ id: 'x', name: 'Boat', mass: -5 }], colour: 'red' };
    const { workspace, store, keeping } = await started({ store: memoryStore({ workspace: broken }) });
    expect(workspace.opening).toMatchObject({ kind: 'damaged', copied: true });
    expect(firstName(workspace)).toBe('Ours');
    const [copy] = await keeping.copies.list();
    expect(await keeping.copies.read(copy!.id)).toEqual(broken);
    workspace.edit('app.edit.name', rename('Mended'));
    await workspace.saved();
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Mended');
    expect(await keeping.copies.list()).toHaveLength(1);
  });

  it('a damaged document of which no copy could be kept stays where it is until the owner has said so', async () => {
    const broken = { ...(await own()), things: 'gone' };
    const copies = memoryStore({}, 10);
    const { workspace, store } = await started({ store: memoryStore({ workspace: broken }), copies });
    expect(workspace.keeps).toBe(false);
    workspace.edit('app.edit.name', rename('Mended'));
    await workspace.saved();
    expect(store.entries.get('workspace')).toEqual(broken);
    expect(workspace.unsaved).toBe(true);
    workspace.release();
    await workspace.saved();
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Mended');
  });

  it('what is no document of ours leaves an empty yard, not the demo', async () => {
    const { workspace, keeping } = await started({ store: memoryStore({ workspace: 'scribble' }) });
    expect(workspace.document?.rigs).toEqual([]);
    expect((await keeping.copies.list()).map(({ why }) => why)).toEqual(['damaged']);
  });

  it('a document of a newer version is there to be looked at', async () => {
    const newer = { ...(await own()), version: 99, dreams: [1] };
    const { workspace, store } = await started({ store: memoryStore({ workspace: newer }) });
    expect(firstName(workspace)).toBe('Ours');
    expect(workspace.locked).toBe(true);
    workspace.edit('app.edit.name', rename('Mine'));
    expect(firstName(workspace)).toBe('Ours');
    expect(store.entries.get('workspace')).toEqual(newer);
    workspace.release();
    workspace.edit('app.edit.name', rename('Mine'));
    await workspace.saved();
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Mine');
  });

  it('a store that fails once is asked again', async () => {
    const store = memoryStore({ workspace: await own() });
    store.fail('get', 3);
    const { workspace } = await started({ store });
    expect(firstName(workspace)).toBe('Ours');
    expect(workspace.saveFailed).toBe(false);
  });

  it('a store that gives no answer is never written to; once it answers, the work done meanwhile is a copy', async () => {
    const store = memoryStore({ workspace: await own() });
    store.fail('get');
    const { workspace, keeping } = await started({ store });
    expect(workspace.opening?.kind).toBe('blocked');
    workspace.edit('app.edit.name', rename('In between'));
    await workspace.saved();
    expect(workspace.unsaved).toBe(true);
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Ours');
    store.fail('get', 0);
    await workspace.tryAgain();
    expect(firstName(workspace)).toBe('Ours');
    expect(workspace.unsaved).toBe(false);
    const [copy] = await keeping.copies.list();
    expect(((await keeping.copies.read(copy!.id)) as Workspace).rigs[0]?.name).toBe('In between');
  });

  it('a wiped store is not taken for a first visit', async () => {
    const mark = { day: '2026-03-01', rigs: 3, version: '1' };
    const { workspace } = await started({ mark });
    expect(workspace.opening).toMatchObject({ kind: 'wiped', mark });
    expect(workspace.document?.rigs).toEqual([]);
  });

  it('what an earlier version of the app set aside joins the copies', async () => {
    const store = memoryStore({ workspace: await own(), 'workspace-damaged': { old: 1 } });
    const { keeping } = await started({ store });
    expect((await keeping.copies.list()).map(({ why }) => why)).toEqual(['damaged']);
    expect(store.entries.has('workspace-damaged')).toBe(false);
  });
});

describe('a page left in the middle of a save', () => {
  /** A tab whose store no longer answers reads: nothing but what is sent at once gets there. */
  const leftWith = async (name: string) => {
    const first = await started({ store: memoryStore({ workspace: await own() }) });
    const { get } = first.store.store;
    vi.spyOn(first.store.store, 'get').mockImplementation(() => new Promise(() => {}));
    first.workspace.edit('app.edit.name', rename(name));
    first.workspace.leave();
    await new Promise((resolve) => setTimeout(resolve, 20));
    vi.spyOn(first.store.store, 'get').mockImplementation(get);
    return first;
  };

  it('loses nothing: the next visit shows at once what was in hand, and saves it', async () => {
    const first = await leftWith('Last word');
    expect((first.store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Ours');
    setActivePinia(createPinia());
    const about = keepingInMemory({ store: first.store, copies: first.copyStore, left: first.left });
    const workspace = useWorkspace();
    await workspace.start(about.keeping);
    expect(firstName(workspace)).toBe('Last word');
    about.tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.writes).toBe(true));
    await workspace.flush();
    expect([firstName(workspace), workspace.turn, workspace.overtaken]).toEqual(['Last word', 0, false]);
    expect((about.store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Last word');
    expect(about.left.has('left')).toBe(false);
    workspace.undo();
    expect(firstName(workspace)).toBe('Ours');
  });

  it('is no copy where the next visit only follows: whoever leads has it', async () => {
    const first = await leftWith('Last word');
    const next = await started({ store: first.store, copies: first.copyStore, left: first.left });
    setActivePinia(createPinia());
    const about = keepingInMemory({ store: first.store, copies: first.copyStore, left: first.left });
    const follower = useWorkspace();
    await follower.start(about.keeping);
    about.tabs.events().becameFollower();
    await next.workspace.flush();
    about.tabs.events().savedElsewhere();
    await vi.waitFor(() => expect(firstName(follower)).toBe('Last word'));
    expect(follower.overtaken).toBe(false);
    expect((await about.keeping.copies.list()).filter(({ why }) => why === 'otherTab')).toEqual([]);
  });

  it('takes the place of nothing that another tab has saved meanwhile, and is a copy then', async () => {
    const first = await leftWith('Last word');
    first.store.entries.set('workspace', rename('Saved since')(await own()));
    const { workspace, keeping } = await started({ store: first.store, copies: first.copyStore, left: first.left });
    expect(firstName(workspace)).toBe('Saved since');
    expect(workspace.overtaken).toBe(true);
    const [copy] = await keeping.copies.list();
    expect(((await keeping.copies.read(copy!.id)) as Workspace).rigs[0]?.name).toBe('Last word');
  });

  it('puts nothing down where all is saved, and takes it back where it was saved after all', async () => {
    const { workspace, store, left } = await started({ store: memoryStore({ workspace: await own() }) });
    workspace.edit('app.edit.name', rename('Saved'));
    await workspace.saved();
    workspace.leave();
    await workspace.flush();
    expect(left.has('left')).toBe(false);
    workspace.edit('app.edit.name', rename('Saved too'));
    workspace.leave();
    await workspace.flush();
    expect(left.has('left')).toBe(false);
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Saved too');
  });
});

describe('no room', () => {
  it('says that it cannot save, holds on to the work, and saves it when it can', async () => {
    const { workspace, store } = await started();
    store.fail('set');
    workspace.edit('app.edit.name', rename('Lost?'));
    await workspace.saved();
    expect(workspace.saveFailed).toBe(true);
    expect(workspace.unsaved).toBe(true);
    expect(firstName(workspace)).toBe('Lost?');
    store.fail('set', 0);
    workspace.edit('app.edit.name', rename('Kept'));
    await workspace.saved();
    expect(workspace.unsaved).toBe(false);
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Kept');
  });

  it('in a store that counts, the history and then old copies give way to the document, never the other way round', async () => {
    const document = await own();
    const size = JSON.stringify(document).length;
    // One store for all, as in a browser: room for the document, its history and one copy, and little more.
    const store = memoryStore({ workspace: document }, 3.2 * size);
    const first = await started({ store, copies: store });
    const long = (n: number) => (d: Workspace) => ({
      ...d,
      bodies: d.bodies.map((body) => ({ ...body, note: String(n).repeat(2000).slice(0, 2000) })),
    });
    for (let n = 1; n < 20; n += 1) {
      first.workspace.edit('app.edit.name', long(n));
      await first.workspace.flush();
      expect(store.used()).toBeLessThanOrEqual(3.2 * size);
      expect((store.entries.get('workspace') as Workspace).bodies[0]?.note).toBe(
        first.workspace.document?.bodies[0]?.note,
      );
    }
    expect(first.workspace.saveFailed).toBe(false);
    // A document that itself finds no room is said to be kept nowhere.
    const things = Array.from({ length: 4000 }, (_, n) => ({ id: `t${n}`, name: 'x'.repeat(80), mass: 1 }));
    first.workspace.edit('app.edit.table', (d) => ({ ...d, things: [...d.things, ...things] }));
    await first.workspace.saved();
    expect(first.workspace.saveFailed).toBe(true);
    first.workspace.undo();
    await first.workspace.saved();
    expect(first.workspace.saveFailed).toBe(false);
  });

  it('refuses for another reason than room without a copy or the history going for it', async () => {
    const { workspace, store, keeping } = await started({ store: memoryStore({ workspace: await own() }) });
    for (let n = 0; n < 8; n += 1) await keeping.copies.keep({ n }, 'day');
    workspace.edit('app.edit.name', rename('First'));
    await workspace.flush();
    const before = await keeping.copies.list();
    const { set } = keeping.store;
    const broken = () => Promise.reject(new DOMException('not now', 'UnknownError'));
    Object.assign(keeping.store, { set: broken });
    workspace.edit('app.edit.name', rename('Second'));
    await workspace.saved();
    expect(workspace.saveFailed).toBe(true);
    expect(await keeping.copies.list()).toEqual(before);
    expect(store.entries.has('history')).toBe(true);
    Object.assign(keeping.store, { set });
    workspace.edit('app.edit.name', rename('Third'));
    await workspace.saved();
    expect(workspace.unsaved).toBe(false);
  });

  it('keeps no more copies than their bounds, and never lets one go that only the owner may throw away', async () => {
    const { keeping } = await started();
    await keeping.copies.keep({ damaged: true }, 'damaged');
    for (let n = 0; n < 30; n += 1) await keeping.copies.keep({ n }, n % 2 === 0 ? 'day' : 'otherTab');
    const copies = await keeping.copies.list();
    expect(copies).toHaveLength(20);
    expect(copies.at(-1)?.why).toBe('damaged');
    expect(await keeping.copies.read(copies[0]!.id)).toEqual({ n: 29 });
  });
});

describe('opening files and copies', () => {
  it('instead of what is here keeps a copy and can be undone', async () => {
    const { workspace, keeping } = await started({ store: memoryStore({ workspace: await own() }) });
    const other = removeRig(await own(), 'sandpiper');
    await workspace.takeIn(other, 'instead');
    expect(workspace.document?.rigs).toHaveLength(6);
    expect((await keeping.copies.list()).map(({ why }) => why)).toContain('replaced');
    workspace.undo();
    expect(workspace.document?.rigs).toHaveLength(7);
  });

  it('beside what is here is refused as a whole where it finds no room', async () => {
    const { workspace } = await started({ store: memoryStore({ workspace: await own() }) });
    const before = workspace.document!;
    const things = Array.from({ length: 5000 }, (_, n) => ({ id: `t${n}`, name: 'x', mass: 1 }));
    const refused = await workspace.takeIn({ ...emptyWorkspace('other', 'Other'), things }, 'beside');
    expect(refused?.faults[0]).toMatchObject({ code: 'tooMany', place: 'things' });
    expect(workspace.document).toBe(before);
  });

  it('goes back to a copy, with a copy of where it left', async () => {
    const { workspace, keeping } = await started({ store: memoryStore({ workspace: await own() }) });
    workspace.edit('app.edit.name', rename('Later'));
    await workspace.restore(await own());
    expect(firstName(workspace)).toBe('Ours');
    const copies = await keeping.copies.list();
    expect(copies.map(({ why }) => why).sort()).toEqual(['day', 'restored']);
    workspace.undo();
    expect(firstName(workspace)).toBe('Later');
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
    await workspace.start(keepingInMemory({}).keeping);
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

  it('what another tab saved while somebody edits is not written over, and the edit is a copy', async () => {
    const { workspace, store, tabs, keeping } = await started();
    store.entries.set('workspace', rename('Late')(await demoWorkspace()));
    workspace.edit('app.edit.name', rename('Mine'));
    tabs.events().savedElsewhere();
    await workspace.flush();
    await vi.waitFor(() => expect(workspace.follows).toBe(false));
    expect(firstName(workspace)).toBe('Late');
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Late');
    expect(workspace.overtaken).toBe(true);
    const [copy] = await keeping.copies.list();
    expect(copy?.why).toBe('otherTab');
    expect(((await keeping.copies.read(copy!.id)) as Workspace).rigs[0]?.name).toBe('Mine');
  });

  it('what another tab saved stays where the edit finds no room as a copy either, and that is said', async () => {
    const { workspace, store, copyStore } = await started();
    store.entries.set('workspace', rename('Late')(await demoWorkspace()));
    copyStore.fail('set');
    workspace.edit('app.edit.name', rename('Mine'));
    await workspace.flush();
    expect([firstName(workspace), workspace.unsaved, workspace.follows]).toEqual(['Mine', true, false]);
    expect((store.entries.get('workspace') as Workspace).rigs[0]?.name).toBe('Late');
  });

  it('whoever begins to lead reads first, also where it was never told to follow', async () => {
    setActivePinia(createPinia());
    const about = keepingInMemory({ store: memoryStore({ workspace: await own() }) });
    const workspace = useWorkspace();
    await workspace.start(about.keeping);
    // The first tab saves and is closed before this one has heard who writes.
    about.store.entries.set('workspace', rename('Saved last')(await own()));
    about.tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.follows).toBe(false));
    expect(firstName(workspace)).toBe('Saved last');
  });

  it('hands over with everything kept, and the other goes on with its history', async () => {
    const first = await started();
    first.workspace.edit('app.edit.name', rename('Mine'));
    useDrafts().keep('quick', 'half a line');
    expect(await first.tabs.events().handOver()).toBe(true);
    const second = await started({ store: first.store, copies: first.copyStore });
    expect(firstName(second.workspace)).toBe('Mine');
    expect(useDrafts().read('quick')).toBe('half a line');
    second.workspace.undo();
    expect(firstName(second.workspace)).not.toBe('Mine');
  });

  it('a follower that takes over finds what was being typed, and its screen begins anew', async () => {
    const { workspace, store, tabs } = await started();
    tabs.events().becameFollower();
    store.entries.set('drafts', [['quick', 'half a line']]);
    tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.turn).toBe(1));
    expect(useDrafts().read('quick')).toBe('half a line');
  });

  it('a follower takes no edits until it has read what the other left, and its screen begins anew in that moment', async () => {
    const { workspace, store, tabs } = await started();
    tabs.events().becameFollower();
    store.entries.set('workspace', rename('Theirs')(await demoWorkspace()));
    tabs.events().becameWriter(true);
    workspace.edit('app.edit.name', rename('Too soon'));
    expect(workspace.follows).toBe(true);
    await vi.waitFor(() => expect(workspace.follows).toBe(false));
    expect(workspace.turn).toBe(1);
    expect(firstName(workspace)).toBe('Theirs');
  });

  it('a take-over that is taken from it meanwhile leaves it a follower', async () => {
    const { workspace, tabs } = await started();
    tabs.events().becameFollower();
    tabs.events().becameWriter(true);
    tabs.events().becameFollower();
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(workspace.follows).toBe(true);
    expect(workspace.turn).toBe(0);
  });

  it('a save of the other that ends late is taken in before the take-over is done', async () => {
    const { workspace, store, tabs } = await started();
    tabs.events().becameFollower();
    tabs.events().becameWriter(true);
    store.entries.set('workspace', rename('Late')(await demoWorkspace()));
    tabs.events().savedElsewhere();
    await vi.waitFor(() => expect(workspace.follows).toBe(false));
    expect(workspace.turn).toBe(1);
    expect(firstName(workspace)).toBe('Late');
  });

  it('a store that gives no answer at the take-over leaves what is in hand', async () => {
    const { workspace, store, tabs } = await started();
    workspace.edit('app.edit.name', rename('In hand'));
    await workspace.saved();
    tabs.events().becameFollower();
    store.fail('get');
    tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.opening?.kind).toBe('blocked'));
    expect(firstName(workspace)).toBe('In hand');
  });

  it('does not hand over what it could not keep', async () => {
    const { workspace, store, tabs } = await started();
    store.fail('set');
    workspace.edit('app.edit.name', rename('Mine'));
    expect(await tabs.events().handOver()).toBe(false);
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
    tabs.events().becameWriter(true);
    await vi.waitFor(() => expect(workspace.follows).toBe(false));
    expect(firstName(workspace)).toBe('Theirs');
    workspace.edit('app.edit.name', rename('Mine'));
    expect(firstName(workspace)).toBe('Mine');
  });

  it('that do not know each other keep what the other saved before they replace it', async () => {
    const store = memoryStore({ workspace: await own() });
    const { workspace, tabs, keeping } = await started({ store });
    tabs.events().becameWriter(false);
    workspace.edit('app.edit.name', rename('Mine'));
    await workspace.saved();
    workspace.edit('app.edit.name', rename('Mine too'));
    await workspace.saved();
    store.entries.set('workspace', rename('Theirs')(await own()));
    workspace.edit('app.edit.name', rename('Mine again'));
    await workspace.saved();
    const theirs = (await keeping.copies.list()).filter(({ why }) => why === 'otherTab');
    expect(theirs).toHaveLength(1);
    expect(((await keeping.copies.read(theirs[0]!.id)) as Workspace).rigs[0]?.name).toBe('Theirs');
  });
});

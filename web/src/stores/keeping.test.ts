import { renameRig } from '@wagonomos/core/edits';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepingInMemory, memoryStore } from '../testing/stores.ts';
import { useKeeping } from './keeping.ts';
import { useWorkspace } from './workspace.ts';

const day = 86_400_000;
let store = memoryStore();
beforeEach(() => {
  store = memoryStore();
});

/** A visit so many days after the first. */
async function visit(days: number) {
  setActivePinia(createPinia());
  const about = keepingInMemory({ store });
  const now = () => new Date(Date.parse('2026-03-14T09:00:00') + days * day);
  const workspace = useWorkspace();
  await workspace.start(about.keeping);
  about.tabs.events().becameWriter(true);
  await vi.waitFor(() => expect(workspace.writes).toBe(true));
  const keeping = useKeeping();
  await keeping.start({ store: store.store, copies: about.keeping.copies, now });
  const work = (edits: number) => {
    for (let n = 0; n < edits; n += 1) {
      workspace.edit('app.edit.name', (document) =>
        renameRig(document, document.rigs[0]?.id ?? '', `Name ${days} ${keeping.edits}`),
      );
    }
    keeping.count();
  };
  return { keeping, work };
}

describe('the reminder to save a file', () => {
  it('comes when much was changed and long ago, over several visits', async () => {
    const first = await visit(0);
    first.work(40);
    expect(first.keeping.reminds).toBe(false);
    const early = await visit(5);
    early.work(40);
    expect(early.keeping.edits).toBe(80);
    expect(early.keeping.reminds).toBe(false);
    expect((await visit(20)).keeping.reminds).toBe(true);
  });

  it('does not nag: waved off it rests for a month, and a file ends it', async () => {
    (await visit(0)).work(70);
    const second = await visit(20);
    second.keeping.waveOff();
    expect(second.keeping.reminds).toBe(false);
    expect((await visit(40)).keeping.reminds).toBe(false);
    const later = await visit(60);
    expect(later.keeping.reminds).toBe(true);
    later.keeping.fileSaved();
    expect(later.keeping.reminds).toBe(false);
    const after = await visit(200);
    expect(after.keeping.edits).toBe(0);
    expect(after.keeping.kept.lastFile).toContain('2026-05-13');
    after.work(10);
    expect(after.keeping.reminds).toBe(false);
  });

  it('is not put off by a record that is none', async () => {
    await store.store.set('keeping', { lastFile: 5, since: 'yesterday', editsBefore: -3 });
    const { keeping } = await visit(0);
    expect(keeping.kept).toMatchObject({ lastFile: null, editsBefore: 0 });
    expect(keeping.reminds).toBe(false);
  });
});

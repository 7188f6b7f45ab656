import { emptyWorkspace, type Workspace } from '@wagonomos/core';
import fc from 'fast-check';
import { createPinia, setActivePinia } from 'pinia';
import { beforeAll, describe, expect, it } from 'vitest';
import { copiesIn } from '../storage/copies.ts';
import { exclusivelyBy } from '../storage/exclusively.ts';
import { keptDocumentIn } from '../storage/keptDocument.ts';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import type { KeptMark } from '../storage/opening.ts';
import { reading } from '../storage/reader.ts';
import { readFirst } from '../storage/readFirst.ts';
import { openTabs } from '../storage/tabs.ts';
import { fakeChannels, fakeLocks } from '../testing/browserTabs.ts';
import { memoryStore } from '../testing/stores.ts';
import { useWorkspace } from './workspace.ts';

/** What may be done with one of three tabs, in any order and at any moment of what the others are doing. */
const doings = ['open', 'edit', 'edit', 'save', 'wait', 'wait', 'close', 'steal', 'kill'] as const;
/** With how many answers come meanwhile, where it waits. */
type Doing = readonly [doing: (typeof doings)[number], tab: number, answers?: number];
const anything = fc.array(fc.tuple(fc.constantFrom(...doings), fc.nat({ max: 2 }), fc.nat({ max: 24 })), {
  minLength: 4,
  maxLength: 24,
});
/** A second tab opens while the first saves and goes: what it has read is old before it leads. */
const overlapping = fc
  .tuple(
    fc.nat({ max: 24 }),
    fc.nat({ max: 24 }),
    fc.constantFrom('close' as const, 'kill' as const),
    fc.nat({ max: 24 }),
  )
  .map(([before, between, end, after]): readonly Doing[] => [
    ['save', 0],
    ['open', 1],
    ['wait', 0, before],
    ['edit', 0],
    ['wait', 0, between],
    [end, 0],
    ['wait', 1, after],
    ['edit', 1],
    ['save', 1],
    ['edit', 1],
  ]);
const script = fc.oneof(anything, overlapping);

const add = (id: string) => (document: Workspace) => ({
  ...document,
  things: [...document.things, { id, name: id, mass: 1 }],
});
const idsIn = (raw: unknown): string[] => ((raw as Workspace | null)?.things ?? []).map(({ id }) => id);

/** Answers that are on their way: each comes when it is let go, in an order of chance. */
function waitingRoom(seed: number) {
  const waiting: (() => void)[] = [];
  let dice = seed >>> 0;
  const breath = () => new Promise((resolve) => setImmediate(resolve));
  const letGo = () => {
    dice = (Math.imul(dice, 1664525) + 1013904223) >>> 0;
    waiting.splice(dice % waiting.length, 1)[0]?.();
  };
  return {
    wait: () => new Promise<void>((resolve) => waiting.push(resolve)),
    /** Lets some answers come. */
    some: async (count: number) => {
      for (let n = 0; n < count; n += 1) {
        if (waiting.length > 0) letGo();
        await breath();
      }
    },
    /** Until nothing is on its way any more. */
    all: async () => {
      for (let quiet = 0; quiet < 8; quiet += 1) {
        if (waiting.length > 0) {
          quiet = 0;
          letGo();
        }
        await breath();
      }
    },
  };
}
type WaitingRoom = ReturnType<typeof waitingRoom>;

/** One browser: its store and copies, where every answer comes when the scheduler says so, its locks, its channel. */
function browser(room: WaitingRoom, guarded: boolean) {
  const documents = memoryStore({ workspace: { ...emptyWorkspace('yard', 'Yard') } });
  const copies = memoryStore();
  const locks = fakeLocks();
  const channels = fakeChannels();
  let mark: KeptMark | null = { day: '2026-03-14', rigs: 0, version: '1' };
  let clock = Date.parse('2026-03-14T09:00:00Z');
  let made = 0;
  /** Every thing that was ever in the store: somebody may have been told that it is saved. */
  const everKept = new Set<string>();

  /** A store as a tab sees it: slow, and of no effect once the tab is gone. */
  const seenBy = (tab: { alive: boolean }, { store }: typeof documents, watch: boolean): KeyValueStore => {
    const later = async <T>(work: () => Promise<T>): Promise<T> => {
      await room.wait();
      if (!tab.alive) return new Promise(() => {});
      return work();
    };
    return {
      get: (key) => later(() => store.get(key)),
      set: (key, value) =>
        later(async () => {
          await store.set(key, value);
          if (watch && key === 'workspace') for (const id of idsIn(value)) everKept.add(id);
        }),
      remove: (key) => later(() => store.remove(key)),
      keys: () => later(() => store.keys()),
    };
  };
  const open = () => {
    const tab = { alive: true };
    const { channel, close } = channels();
    const now = () => new Date((clock += 1000));
    const store = readFirst(seenBy(tab, documents, true));
    const own = guarded ? locks.of(tab) : undefined;
    setActivePinia(createPinia());
    const workspace = useWorkspace();
    void workspace.start({
      store,
      kept: keptDocumentIn(store, exclusivelyBy(own)),
      copies: copiesIn(seenBy(tab, copies, false), now),
      tabs: openTabs({ locks: own, channel, pause: () => room.wait() }),
      mark: { read: () => mark, write: (next) => (mark = next) },
      left: { read: () => null, write: () => undefined, remove: () => undefined },
      version: '1',
      now,
      pause: () => room.wait(),
      showsDemoFirst: false,
      idle: () => Promise.resolve(),
    });
    const end = () => {
      tab.alive = false;
      close();
      locks.gone(tab);
    };
    return {
      workspace,
      end,
      edit: () => {
        const id = `t${(made += 1)}`;
        workspace.edit('app.edit.things', add(id));
      },
    };
  };
  const safe = () => {
    const kept = [...copies.entries].filter(([key]) => key.startsWith('raw:')).flatMap(([, raw]) => idsIn(raw));
    return new Set([...idsIn(documents.entries.get('workspace')), ...kept]);
  };
  return { open, everKept, safe };
}

/** Plays a script, and then opens one tab more that takes over and edits. @returns what was in the store once, and what of it is nowhere */
async function lostIn(seed: number, doingsOf: readonly Doing[], guarded: boolean) {
  const room = waitingRoom(seed);
  const world = browser(room, guarded);
  const tabs = new Map([[0, world.open()]]);
  for (const [doing, at, answers = 0] of doingsOf) {
    const tab = tabs.get(at);
    if (doing === 'open' && !tab) tabs.set(at, world.open());
    if (doing === 'edit') tab?.edit();
    if (doing === 'save') await room.all();
    if (doing === 'steal') tab?.workspace.takeOver();
    if (doing === 'wait') await room.some(answers);
    if (doing === 'close') void tab?.workspace.flush();
    if (doing === 'close' || doing === 'kill') {
      tab?.end();
      tabs.delete(at);
    }
    // Without locks nobody can keep two saves of the same moment apart; one after the other nothing is lost.
    if (!guarded) await room.all();
  }
  await room.all();
  const last = world.open();
  await room.all();
  last.workspace.takeOver();
  await room.all();
  last.edit();
  await room.all();
  const safe = world.safe();
  // What is in hand and said not to be kept is not lost either.
  for (const { workspace } of tabs.values())
    if (workspace.unsaved) for (const id of idsIn(workspace.document)) safe.add(id);
  const kept = [...world.everKept];
  return { kept, lost: kept.filter((id) => !safe.has(id)) };
}

/** Many more by hand. */
const runs = Number(process.env['INTERLEAVINGS'] ?? 60);
// What reads is fetched once; no answer of a store stands for that.
beforeAll(() => reading());

describe('two and three tabs, in any order', () => {
  it.each([
    ['', true],
    [' where they cannot know of each other', false],
  ])(
    'lose nothing that was ever saved%s',
    async (_where, guarded) => {
      let kept = 0;
      await fc.assert(
        fc.asyncProperty(fc.integer(), script, async (seed, doingsOf) => {
          const played = await lostIn(seed, doingsOf, guarded);
          expect(played.lost).toEqual([]);
          kept += played.kept.length;
        }),
        { numRuns: runs },
      );
      // Each play ends with an edit of its own; many have more.
      expect(kept).toBeGreaterThan(1.15 * runs);
    },
    40_000,
  );
});

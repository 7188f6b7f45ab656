import { emptyWorkspace } from '@wagonomos/core';
import { describe, expect, it } from 'vitest';
import { memoryStore } from '../testing/stores.ts';
import { exclusivelyBy } from './exclusively.ts';
import { keptDocumentIn } from './keptDocument.ts';
import type { Opening } from './opening.ts';
import { readFirst } from './readFirst.ts';
import { mayReplace } from './wayOut.ts';

const unread = {
  revision: '{}',
  problem: { code: 'empty' },
  workspace: null,
  setAside: [],
  count: 0,
  text: '',
} as const;
const mark = { day: '2026-03-14', rigs: 1, version: '1' };
const openings: Record<string, Opening | null> = {
  nobodyLooked: null,
  first: { kind: 'first', revision: null },
  read: { kind: 'read', revision: '{}', workspace: emptyWorkspace('y', 'Y') },
  wiped: { kind: 'wiped', revision: null, mark },
  blocked: { kind: 'blocked' },
  damaged: { kind: 'damaged', copied: false, ...unread },
  damagedCopied: { kind: 'damaged', copied: true, ...unread },
  newer: { kind: 'newer', copied: true, ...unread },
};

describe('what may be replaced', () => {
  it.each([
    // store, folder, old copies; and the same once the owner has said so
    ['nobodyLooked', 'no', 'no', 'no', 'no'],
    ['first', 'yes', 'yes', 'yes', 'yes'],
    ['read', 'yes', 'yes', 'yes', 'yes'],
    ['wiped', 'yes', 'no', 'no', 'yes'],
    ['blocked', 'no', 'no', 'no', 'no'],
    ['damaged', 'no', 'no', 'no', 'yes'],
    ['damagedCopied', 'yes', 'no', 'no', 'yes'],
    ['newer', 'no', 'no', 'no', 'yes'],
  ])('%s: store %s, folder %s, old copies %s; store, once said so: %s', (name, store, folder, oldCopies, said) => {
    const found = openings[name] ?? null;
    const asked = { found, released: false, folderAhead: false };
    const word = (may: boolean) => (may ? 'yes' : 'no');
    expect(word(mayReplace('store', asked))).toBe(store);
    expect(word(mayReplace('folder', asked))).toBe(folder);
    expect(word(mayReplace('oldCopies', asked))).toBe(oldCopies);
    expect(word(mayReplace('store', { ...asked, released: true }))).toBe(said);
    expect(mayReplace('folder', { ...asked, folderAhead: true })).toBe(false);
  });
});

describe('a store in which nothing is written over what was not read', () => {
  it('takes a value once its key was read, be there something or not', async () => {
    const memory = memoryStore({ drafts: ['old'] });
    const store = readFirst(memory.store);
    await expect(store.set('drafts', ['new'])).rejects.toThrow('not read');
    memory.fail('get', 1);
    await store.get('drafts').catch(() => undefined);
    await expect(store.set('drafts', ['new'])).rejects.toThrow('not read');
    expect(memory.entries.get('drafts')).toEqual(['old']);
    await store.get('drafts');
    await store.set('drafts', ['new']);
    expect(memory.entries.get('drafts')).toEqual(['new']);
  });
});

describe('the document that all tabs share', () => {
  const named = (name: string) => emptyWorkspace('y', name);
  const kept = (memory = memoryStore()) => {
    const document = keptDocumentIn(memory.store, exclusivelyBy(undefined));
    const write = (name: string, from: string | null) =>
      document.write(named(name), from, () => memory.store.set('workspace', named(name)));
    return { memory, document, write };
  };

  it('takes the place of what it was read from, and of nothing else', async () => {
    const { memory, document, write } = kept();
    const first = await write('One', (await document.read()).revision);
    expect(first.kept).toBe(true);
    const refused = await write('Two', null);
    expect(refused).toMatchObject({ kept: false, found: { raw: named('One') } });
    expect(memory.entries.get('workspace')).toEqual(named('One'));
    expect((await write('Three', (await document.read()).revision)).kept).toBe(true);
  });

  it('is compared and written while no other tab does either, and a browser that refuses its locks is none the worse', async () => {
    const order: string[] = [];
    const locks = { request: (_name: string, _options: unknown, run: () => unknown) => (order.push('lock'), run()) };
    await exclusivelyBy(locks as never)(() => Promise.resolve(void order.push('work')));
    const refusing = { request: () => Promise.reject(new DOMException('no', 'SecurityError')) };
    await exclusivelyBy(refusing as never)(() => Promise.resolve(void order.push('unlocked')));
    expect(order).toEqual(['lock', 'work', 'unlocked']);
    // What fails inside is not done a second time.
    const failing = exclusivelyBy(locks as never)(() => (order.push('once'), Promise.reject(new Error('full'))));
    await expect(failing).rejects.toThrow('full');
    expect(order.filter((one) => one === 'once')).toHaveLength(1);
  });
});

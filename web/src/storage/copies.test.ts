import { describe, expect, it } from 'vitest';
import { memoryStore } from '../testing/stores.ts';
import { copiesIn, type CopyReason } from './copies.ts';

const noon = '2026-03-14T12:00:00Z';

/** Copies of one's own, on a clock that may be set. */
function some(room = Infinity) {
  const memory = memoryStore({}, room);
  const clock = { at: Date.parse(noon) };
  const copies = copiesIn(memory.store, () => new Date((clock.at += 1000)));
  const whys = async () => (await copies.list()).map(({ why }) => why);
  const keepAll = async (reasons: readonly CopyReason[], size = 100) => {
    for (const [n, why] of reasons.entries()) await copies.keep({ n, text: 'x'.repeat(size) }, why);
  };
  return { memory, clock, copies, whys, keepAll };
}
const days = (count: number) => Array.from({ length: count }, () => 'day' as const);

describe('copies', () => {
  it('stay, all of them, where the store refuses a new one for any other reason than room', async () => {
    const { memory, copies, whys, keepAll } = some();
    await keepAll(days(8));
    const set = memory.store.set;
    Object.assign(memory.store, { set: () => Promise.reject(new DOMException('not now', 'UnknownError')) });
    expect(await copies.keep({ more: true }, 'replaced')).toBeNull();
    Object.assign(memory.store, { set });
    expect(await whys()).toEqual(days(8));
  });

  it('give way for want of room, the oldest first, and never the newest two or what could not be read', async () => {
    const { copies, whys, keepAll } = some(4000);
    await keepAll(['damaged', 'newer', 'day', 'day', 'day'], 300);
    expect(await copies.keep({ text: 'x'.repeat(100_000) }, 'replaced')).toBeNull();
    expect(await whys()).toEqual(['day', 'day', 'newer', 'damaged']);
    expect(await copies.makeRoom()).toBe(false);
  });

  it('of a document that was not read whole take no room from others', async () => {
    const { copies, whys, keepAll } = some(3000);
    await keepAll(days(4), 300);
    const before = await whys();
    expect(await copies.keep({ text: 'x'.repeat(2500) }, 'merged', false)).toBeNull();
    expect(await whys()).toEqual(before);
  });

  it('are in the order in which they were kept, whatever the clock was set to', async () => {
    const { clock, copies, keepAll } = some();
    await keepAll(days(20));
    clock.at = Date.parse('2019-01-01T00:00:00Z');
    const kept = await copies.keep({ last: true }, 'restored');
    const list = await copies.list();
    expect(list).toHaveLength(20);
    expect(list[0]?.id).toBe(kept?.id);
    expect(await copies.read(kept?.id ?? '')).toEqual({ last: true });
  });

  it('of what could not be read are bounded too, and never down to none', async () => {
    const { copies, keepAll } = some();
    await keepAll(Array.from({ length: 14 }, () => 'damaged' as const));
    expect(await copies.list()).toHaveLength(10);
    const huge = some();
    for (let n = 0; n < 3; n += 1) await huge.copies.keep({ n, text: 'x'.repeat(40_000_000) }, 'damaged');
    const left = await huge.copies.list();
    expect(left).toHaveLength(1);
    expect(await huge.copies.read(left[0]!.id)).toMatchObject({ n: 2 });
  });

  it('of an earlier version of the app, which did not count them, come after', async () => {
    const { memory, copies, whys } = some();
    const old = { id: 'old', at: '2027-01-01T00:00:00Z', why: 'day', rigs: [], things: 0, bytes: 2, photos: [] };
    memory.entries.set('note:old', old).set('raw:old', {});
    await copies.keep({}, 'merged');
    expect(await whys()).toEqual(['merged', 'day']);
  });
});

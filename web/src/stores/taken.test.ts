import { emptyWorkspace } from '@wagonomos/core';
import { createPinia, setActivePinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import { readFirst } from '../storage/readFirst.ts';
import { memoryStore } from '../testing/stores.ts';
import { useTaken } from './taken.ts';

const visit = (memory: ReturnType<typeof memoryStore>) => {
  setActivePinia(createPinia());
  const taken = useTaken();
  taken.start(readFirst(memory.store));
  return taken;
};

describe('links that were taken', () => {
  it('are known again by what they hold, on the next visit too, and others are not', async () => {
    const memory = memoryStore();
    const one = emptyWorkspace('a', 'A');
    const first = visit(memory);
    expect(await first.rigOf(one)).toBeUndefined();
    await first.note(one, 'rig-1');
    await first.note(emptyWorkspace('b', 'B'), 'rig-2');
    const next = visit(memory);
    expect(await next.rigOf(structuredClone(one))).toBe('rig-1');
    expect(await next.rigOf({ ...one, name: 'Other' })).toBeUndefined();
    // Taken again after its rig was removed: the new one counts.
    await next.note(one, 'rig-3');
    expect(await next.rigOf(one)).toBe('rig-3');
  });

  it('are bounded, and what is no list of them is none', async () => {
    const memory = memoryStore({ taken: [['x'], 7, null] });
    const taken = visit(memory);
    for (let n = 0; n < 203; n += 1) await taken.note(emptyWorkspace('a', `Name ${n}`), `rig-${n}`);
    expect(memory.entries.get('taken')).toHaveLength(200);
    expect(await taken.rigOf(emptyWorkspace('a', 'Name 0'))).toBeUndefined();
    expect(await taken.rigOf(emptyWorkspace('a', 'Name 202'))).toBe('rig-202');
  });
});

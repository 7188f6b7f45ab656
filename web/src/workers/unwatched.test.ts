import { describe, expect, it } from 'vitest';
import { reactive } from 'vue';
import { unwatched } from './unwatched.ts';

describe('what goes to a worker', () => {
  it('can be copied there, however deep somebody watches over it', () => {
    const watched = {
      name: 'rig',
      plates: reactive([{ figures: [1, 2] }]),
      things: new Map([['a', reactive({ mass: 3 })]]),
    };
    expect(() => structuredClone(watched)).toThrow();
    const plain = unwatched(watched);
    expect(structuredClone(plain)).toEqual({
      name: 'rig',
      plates: [{ figures: [1, 2] }],
      things: new Map([['a', { mass: 3 }]]),
    });
  });
});

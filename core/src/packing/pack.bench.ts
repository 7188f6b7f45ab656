import { bench, describe } from 'vitest';
import { bigPacking, bigWish } from '../testing/bigPacking.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { pack } from './pack.ts';

/** Anything may go anywhere, the limits are nearly all used up, all five aims in the usual order, proven. */
const sizes = [
  { things: 60, places: 12, tanks: 3 },
  { things: 120, places: 20, tanks: 3 },
] as const;

for (const { things, places, tanks } of sizes) {
  describe(`${things} things, ${places} places, ${tanks} tanks`, () => {
    let seed = 0;
    bench(
      'packed, proven',
      () => {
        seed += 1;
        const view = bigPacking(things, places, tanks, seed);
        const answer = pack([view], bigWish(view), testSolver, patient);
        if (!('packing' in answer) || !answer.packing.proven) throw new Error('not proven');
      },
      { iterations: 9, time: 0, warmupIterations: 0, warmupTime: 0 },
    );
  });
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sumOf, type Combination } from '../scale/combination.ts';
import { adjust } from '../scale/leastSquares.ts';
import { spans } from './span.ts';

const factor = fc.integer({ min: -3, max: 3 });
const combination: fc.Arbitrary<Combination> = fc
  .record({ F: factor, R: factor, B: factor, G: factor })
  .map((of) => sumOf([1, of]));

describe('what some combinations make up', () => {
  it('is what least squares would settle, without working it out', () => {
    fc.assert(
      fc.property(fc.array(combination, { maxLength: 6 }), combination, (given, asked) => {
        const rows = given.filter((of) => Object.keys(of).length > 0);
        const settled = adjust(rows.map((of) => ({ of, value: 0, sigma: 1 }))).estimate(asked) !== null;
        expect(spans(rows, [asked])).toBe(settled || Object.keys(asked).length === 0);
      }),
      { numRuns: 500 },
    );
  });
});

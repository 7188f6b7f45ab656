import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homeBallLoad, homeInputs, homeMethods } from './homeMethods.ts';

const length = fc.double({ min: 0.3, max: 5, noNaN: true });
const load = fc.double({ min: 20, max: 300, noNaN: true });

describe('the nose weighed at home', () => {
  it('finds the load again that a jockey wheel or a plank would show', () => {
    fc.assert(
      fc.property(load, length, length, (ball, a, b) => {
        const [jockey, axles] = [Math.min(a, b) * 0.5, Math.max(a, b) + 0.5];
        const shown = (ball * axles) / (axles - jockey);
        const found = homeBallLoad('jockey', { reading: shown, graduation: 1, jockey, axles });
        expect(found.kind === 'load' && found.load).toBeCloseTo(ball, 6);
        const lever = homeBallLoad('plank', {
          reading: 7 + (ball * a) / (a + b),
          alone: 7,
          graduation: 1,
          near: a,
          beyond: b,
        });
        expect(lever.kind === 'load' && lever.load).toBeCloseTo(ball, 6);
      }),
    );
  });

  it('takes the prop off, and a ball scale as it is', () => {
    expect(homeBallLoad('prop', { reading: 84, alone: 3, graduation: 0.5 })).toMatchObject({
      load: 81,
      beyondRating: false,
    });
    expect(homeBallLoad('ballScale', { reading: 84, graduation: 1, rating: 80 })).toMatchObject({
      load: 84,
      beyondRating: true,
    });
  });

  it('is as sure as the scale and a tape let it be: a long lever widens what the scale is off', () => {
    const at = (beyond: number) => homeBallLoad('plank', { reading: 60, alone: 10, graduation: 1, near: 0.5, beyond });
    const [short, long] = [at(0.1), at(1)];
    expect(short.kind === 'load' && long.kind === 'load' && long.sigma > short.sigma).toBe(true);
    // 1 kg steps: 0.5 kg; 100 kg read at 0.5 m of 4 m: 0.875·0.5, 100/4·0.01 and 100·0.5/16·0.01.
    const jockey = homeBallLoad('jockey', { reading: 100, graduation: 1, jockey: 0.5, axles: 4 });
    expect(jockey.kind === 'load' && jockey.sigma).toBeCloseTo(Math.hypot(0.4375, 0.25, 0.03125), 9);
  });

  it('says what is missing, and what cannot be', () => {
    for (const method of homeMethods) {
      expect(homeBallLoad(method, { graduation: 1 })).toEqual({ kind: 'missing', what: homeInputs[method] });
    }
    expect(homeBallLoad('jockey', { reading: 90, graduation: 1, jockey: 4, axles: 4 })).toEqual({ kind: 'impossible' });
    expect(homeBallLoad('plank', { reading: 90, alone: 5, graduation: 1, near: 0, beyond: 1 })).toEqual({
      kind: 'impossible',
    });
  });
});

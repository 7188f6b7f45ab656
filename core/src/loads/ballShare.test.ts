import { describe, expect, it } from 'vitest';
import { made } from '../testing/matrixRigs.ts';
import { ballShare, usualBallShare } from './ballShare.ts';
import { compile } from './compile.ts';

describe('the share of a trailer that rests on its coupling', () => {
  const loads = compile(made({}));

  it('is one figure where the load is known', () => {
    expect(ballShare(loads)).toBeCloseTo(0.1, 9);
    expect(usualBallShare(loads)).toBeNull();
  });

  it('is a range of two standard deviations where the load rests on what is usual', () => {
    const { ballLoad } = loads.values;
    if (ballLoad.kind !== 'known') throw new Error('no ball load');
    const typical = [{ missing: { code: 'ballLoad', body: 't', bodyName: 'T' } as const, variance: 225 }];
    const usual = { ...loads, values: { ...loads.values, ballLoad: { ...ballLoad, sigma: 15, typical } } };
    // 100 ± 30 of 1,000 kg.
    expect(usualBallShare(usual)?.from).toBeCloseTo(0.07, 9);
    expect(usualBallShare(usual)?.to).toBeCloseTo(0.13, 9);
    const wide = { ...usual, values: { ...usual.values, ballLoad: { ...usual.values.ballLoad, sigma: 80 } } };
    expect(usualBallShare(wide)?.from).toBe(0);
  });
});

import { describe, expect, it } from 'vitest';
import { dValueKn, fifthWheelDValueKn, heaviestTrailer } from './dValue.ts';

describe('a D-value', () => {
  it('of masses that leave the formula without a value is not known', () => {
    expect(dValueKn(0, 0)).toBeNull();
    expect(dValueKn(0, 1500)).toBe(0);
    expect(fifthWheelDValueKn(0, 0, 0)).toBeNull();
    expect(fifthWheelDValueKn(1000, 1500, 2500)).toBeNull();
    expect(fifthWheelDValueKn(1000, 1500, 2600)).toBeNull();
  });

  it('turned round gives the trailer it came from', () => {
    for (const trailer of [400, 1500, 3500])
      expect(heaviestTrailer(dValueKn(2000, trailer) ?? 0, 2000)).toBeCloseTo(trailer, 6);
  });
});

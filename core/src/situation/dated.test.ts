import { describe, expect, it } from 'vitest';
import { agedConfidence, agedOn, againBy } from './dated.ts';

const compiled = '2026-03-04';

describe('a fact on a day', () => {
  it('is gone through again each year where it is money, every second where it is driving, every fifth where it is how vehicles are built', () => {
    expect(againBy({ compiled }, 'money')).toBe('2027-03-04');
    expect(againBy({ compiled }, 'driving')).toBe('2028-03-04');
    expect(againBy({ compiled }, 'construction')).toBe('2031-03-04');
    expect(againBy({ compiled, checkAgainBy: '2026-12-31' }, 'construction')).toBe('2026-12-31');
  });

  it('is overdue from the day after, and then one step less sure', () => {
    expect(agedOn({ compiled }, 'driving', '2028-03-04')).toEqual({});
    expect(agedOn({ compiled }, 'driving', '2028-03-05')).toEqual({ overdueSince: '2028-03-04' });
    const steps = (['high', 'medium', 'low'] as const).map((one) => agedConfidence(one, { overdueSince: compiled }));
    expect(steps).toEqual(['medium', 'low', 'low']);
    expect(agedConfidence('high', {})).toBe('high');
  });

  it('is not known for days before it is believed to hold, unless its beginning is', () => {
    expect(agedOn({ compiled }, 'driving', '2022-12-31')).toEqual({ notKnownBefore: '2023-01-01' });
    expect(agedOn({ compiled }, 'driving', '2023-01-01')).toEqual({});
    expect(agedOn({ compiled, from: '2018-07-01' }, 'driving', '2019-01-01')).toEqual({});
    expect(agedConfidence('high', { notKnownBefore: '2023-01-01' })).toBe('low');
  });
});

import { expect, it } from 'vitest';
import { localDay } from './localDay.ts';

it('is the day on the wall, from its first minute to its last, wherever that is', () => {
  for (const [month, day] of [
    [0, 1],
    [10, 27],
    [11, 31],
  ] as const) {
    const want = `2026-${String(month + 1).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
    expect(localDay(new Date(2026, month, day, 0, 1))).toBe(want);
    expect(localDay(new Date(2026, month, day, 23, 59))).toBe(want);
  }
});

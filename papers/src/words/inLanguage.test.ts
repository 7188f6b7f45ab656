import { describe, expect, it } from 'vitest';
import { written, writtenDay, writtenLength, writtenMoment } from './index.ts';

describe('numbers and days in the language that is spoken', () => {
  it('are set apart by thousands, with a minus and no more decimals than asked', () => {
    expect([written(1234.56, 1), written(-0.4, 1), written(12, 2)]).toEqual(['1,234.6', '−0.4', '12']);
  });

  it('are calendar days whatever the clock of the reader says', () => {
    const own = process.env['TZ'];
    for (const zone of ['Pacific/Kiritimati', 'Pacific/Niue', 'UTC']) {
      process.env['TZ'] = zone;
      expect([writtenDay('2026-03-01'), writtenDay('2026-03-01', 'long')]).toEqual(['1 Mar 2026', '1 March 2026']);
    }
    process.env['TZ'] = own;
  });

  it('are moments by the clock of the reader', () => {
    const at = new Date(2026, 2, 1, 14, 5);
    expect(writtenMoment(at)).toMatch(/^1 Mar 2026, 14:05$/);
    expect(writtenMoment(at.getTime())).toBe(writtenMoment(at.toISOString()));
  });

  it('measure in feet where one weighs in pounds', () => {
    expect([writtenLength(3.048, 'kg'), writtenLength(3.048, 'lb')]).toEqual(['3.05 m', '10 ft']);
  });
});

import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import motorhome from '../../../examples/german-motorhome.wagonomos.json';
import { atStation } from '../testing/station.ts';
import { useToday } from './today.ts';

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
});
afterEach(() => {
  vi.useRealTimers();
});

describe('a page left open over night', () => {
  it('judges by the day it is, and not by the day it was opened on', async () => {
    vi.setSystemTime(new Date(2026, 11, 31, 22));
    const { view } = await atStation(motorhome, 'bachstelze');
    expect(view().situation.date).toBe('2026-12-31');
    vi.advanceTimersByTime(3 * 3600 * 1000);
    expect(view().situation.date).toBe('2027-01-01');
  });
});

describe('the calendar day', () => {
  it('turns at midnight where the page is left open, again and again', () => {
    vi.setSystemTime(new Date(2026, 11, 31, 23, 59, 58));
    const today = useToday();
    expect(today.day).toBe('2026-12-31');
    vi.advanceTimersByTime(1000);
    expect(today.day).toBe('2026-12-31');
    vi.advanceTimersByTime(1000);
    expect(today.day).toBe('2027-01-01');
    vi.advanceTimersByTime(24 * 3600 * 1000);
    expect(today.day).toBe('2027-01-02');
  });

  it.each(['focus', 'pageshow', 'visibilitychange'])('is looked at anew on coming back after a sleep: %s', (name) => {
    vi.setSystemTime(new Date(2026, 5, 1, 18));
    const today = useToday();
    // A device that sleeps runs no timers.
    vi.setSystemTime(new Date(2026, 5, 4, 7));
    expect(today.day).toBe('2026-06-01');
    (name === 'visibilitychange' ? document : window).dispatchEvent(new Event(name));
    expect(today.day).toBe('2026-06-04');
    vi.setSystemTime(new Date(2026, 5, 4, 23, 59, 59));
    vi.advanceTimersByTime(17 * 3600 * 1000);
    expect(today.day).toBe('2026-06-05');
  });
});

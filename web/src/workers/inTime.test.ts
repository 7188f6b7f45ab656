import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { inTime, late } from './inTime.ts';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});
const after = <T>(ms: number, value: T) => new Promise<T>((resolve) => setTimeout(() => resolve(value), ms));

describe('an answer in time', () => {
  it('is the answer, and leaves no timer behind', async () => {
    const asked = inTime(after(900, 'packed'), 1000);
    await vi.advanceTimersByTimeAsync(900);
    expect(await asked).toBe('packed');
    expect(vi.getTimerCount()).toBe(0);
  });

  it('is late once the time is over, whatever comes after', async () => {
    const asked = inTime(after(40_000, 'packed'), 1000);
    await vi.advanceTimersByTimeAsync(1000);
    expect(await asked).toBe(late);
  });

  it('passes a fault on', async () => {
    const asked = inTime(Promise.reject(new Error('broken')), 1000);
    await expect(asked).rejects.toThrow('broken');
    expect(vi.getTimerCount()).toBe(0);
  });
});

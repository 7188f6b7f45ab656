import { afterEach, beforeEach, expect, vi, type MockInstance } from 'vitest';

/** What a component warns of in a test is a fault of it, or of the test: neither passes unseen. */
let heard: readonly MockInstance[] = [];
beforeEach(() => {
  heard = [vi.spyOn(console, 'warn'), vi.spyOn(console, 'error')];
});
afterEach(() => {
  const said = heard.flatMap((one) => one.mock.calls as readonly unknown[][]);
  for (const one of heard) one.mockRestore();
  expect(said, 'what was said on the console').toEqual([]);
});

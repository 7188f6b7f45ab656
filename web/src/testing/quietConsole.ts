import { afterEach, beforeEach, expect, vi } from 'vitest';

/** What a component warns of in a test is a fault of it, or of the test: neither passes unseen. */
beforeEach(() => {
  for (const way of ['warn', 'error'] as const) vi.spyOn(console, way);
});
afterEach(() => {
  for (const way of ['warn', 'error'] as const) {
    const said = vi.mocked(console[way]).mock?.calls ?? [];
    vi.mocked(console[way]).mockRestore?.();
    expect(said, `console.${way}`).toEqual([]);
  }
});

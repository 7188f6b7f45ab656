import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { displayMass } from './display.ts';
import { roundLoad, roundMargin, roundNearest } from './rounding.ts';

describe('rounding for show', () => {
  it.each([
    [1754.2, 1, 1755, 1754],
    [1754, 1, 1754, 1754],
    [1753.9999999, 1, 1754, 1754],
    [1754.0000001, 1, 1754, 1754],
    [-4.2, 1, -4, -5],
    [12.34, 0.1, 12.4, 12.3],
    [163, 20, 180, 160],
  ])('%s in steps of %s: load %s, margin %s', (value, step, load, margin) => {
    expect(roundLoad(value, step)).toBe(load);
    expect(roundMargin(value, step)).toBe(margin);
  });

  it('never shows a load too small or a margin too large', () => {
    fc.assert(
      fc.property(fc.double({ min: -9000, max: 9000, noNaN: true }), fc.constantFrom(0.1, 1, 5, 10), (value, step) => {
        expect(roundLoad(value, step)).toBeGreaterThanOrEqual(value - step * 1e-5);
        expect(roundMargin(value, step)).toBeLessThanOrEqual(value + step * 1e-5);
        expect(Math.abs(roundNearest(value, step) - value)).toBeLessThanOrEqual(step / 2 + 1e-9);
      }),
    );
  });

  it('rounds in the unit that is shown', () => {
    expect(displayMass(100, 'lb', 'load')).toBe(221);
    expect(displayMass(100, 'lb', 'margin')).toBe(220);
    expect(displayMass(-0.2, 'kg', 'nearest')).toBe(0);
  });
});

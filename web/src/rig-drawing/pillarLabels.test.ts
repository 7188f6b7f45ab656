import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelSides, standApart } from './pillarLabels.ts';

const width = 122;
const box = (x: number, side: 'left' | 'right'): [number, number] =>
  side === 'left' ? [x - 18 - width, x - 18] : [x + 18, x + 18 + width];

describe('the words beside the pillars', () => {
  it('do not collide on a car with a caravan at desk size', () => {
    const positions = [228, 447, 542, 892];
    const boxes = labelSides(positions, width, 1280).map((side, index) => box(positions[index] ?? 0, side));
    for (const [index, [from]] of boxes.entries()) {
      for (const [, to] of boxes.slice(0, index)) expect(from).toBeGreaterThanOrEqual(to);
    }
  });

  it('stay on the sheet where there is room on one side only', () => {
    expect(labelSides([20], width, 1280)).toEqual(['right']);
    expect(labelSides([1270], width, 1280)).toEqual(['left']);
  });

  it('are placed for any number of supports', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 1280 }), { maxLength: 6 }), (positions) => {
        expect(labelSides(positions, width, 1280)).toHaveLength(positions.length);
      }),
    );
  });
});

describe('pillars that would stand in each other', () => {
  it('move apart evenly and keep their order', () => {
    expect(standApart([100, 500, 510, 900], 34)).toEqual([100, 488, 522, 900]);
    expect(standApart([300, 300], 34)).toEqual([283, 317]);
  });

  it('never stand closer than asked, however many meet', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 1200 }), { maxLength: 6 }), (positions) => {
        const moved = [...standApart(positions, 34)].sort((a, b) => a - b);
        for (const [index, x] of moved.slice(1).entries())
          expect(x - (moved[index] ?? 0)).toBeGreaterThanOrEqual(34 - 1e-9);
        if (
          new Set(positions).size === positions.length &&
          positions.every((a) => positions.every((b) => a === b || Math.abs(a - b) >= 34))
        ) {
          expect(standApart(positions, 34)).toEqual(positions);
        }
      }),
    );
  });
});

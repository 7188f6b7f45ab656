import { describe, expect, it } from 'vitest';
import { demoView } from './demoView.ts';
import { layoutRig } from '@wagonomos/papers/drawing';

const wagon = demoView();

describe('the rig on paper', () => {
  it.each([
    ['desk', 1280],
    ['phone', 390],
    ['card', 380],
  ] as const)('fits a %s', (frame, width) => {
    const layout = layoutRig(wagon, width, frame);
    expect(layout.x('vehicle', -(layout.vehicle?.front ?? NaN))).toBeGreaterThanOrEqual(0);
    expect(layout.x('trailer', 7.55)).toBeLessThanOrEqual(width);
    expect(layout.y(3.02)).toBeGreaterThanOrEqual(0);
    expect(layout.groundY).toBeLessThan(layout.height);
  });

  it('draws both bodies to one scale, the trailer from the coupling on', () => {
    const { x, y, scale } = layoutRig(wagon, 1280, 'desk');
    expect(x('trailer', 0)).toBeCloseTo(x('vehicle', 2.85 + 1.24), 9);
    expect(x('trailer', 4.55) - x('trailer', 0)).toBeCloseTo(4.55 * scale, 9);
    expect(y(0) - y(1)).toBeCloseTo(scale, 9);
  });

  it('says when lengths are drawn by eye', () => {
    expect(layoutRig(wagon, 1280, 'desk').byEye).toBe(false);
    const layout = layoutRig({ ...wagon, vehicle: wagon.vehicle && { ...wagon.vehicle, geometry: {} } }, 1280, 'desk');
    expect(layout.byEye).toBe(true);
    expect(Number.isFinite(layout.x('trailer', 1))).toBe(true);
  });
});

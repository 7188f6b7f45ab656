import { describe, expect, it } from 'vitest';
import { movableParts, nudged, resizes, type MovablePart } from './arranging.ts';
import { demoView } from './demoView.ts';

const view = demoView();
const part = (key: MovablePart['key'], sight: 'side' | 'above' = 'side') =>
  movableParts(view, sight, 0).find((one) => one.key === key)!;
const still = { start: 0, end: 0, low: 0, high: 0 };

describe('putting a part elsewhere by hand', () => {
  it('moves with all edges, to the centimetre', () => {
    const kitchen = part('places:saltbush-19/kitchen');
    const moved = nudged(kitchen, 'side', { start: 0.104, end: 0.104, low: -0.2, high: -0.2 });
    expect(moved).toEqual({ x: 4, length: 1.2, z: 0.5, height: 0.9 });
    expect(nudged(kitchen, 'side', still)).toEqual({ x: 3.9, length: 1.2, z: 0.7, height: 0.9 });
  });

  it('grows at one edge and keeps the other where it is', () => {
    const longer = nudged(part('places:saltbush-19/kitchen'), 'side', { ...still, end: 0.4 });
    expect(longer).toMatchObject({ x: 4.1, length: 1.6 });
    const taller = nudged(part('places:saltbush-19/kitchen'), 'side', { ...still, high: 0.3 });
    expect(taller).toMatchObject({ z: 0.7, height: 1.2 });
  });

  it('never shrinks to nothing, nor leaves what a file may hold', () => {
    const kitchen = part('places:saltbush-19/kitchen');
    expect(nudged(kitchen, 'side', { ...still, end: -9 }).length).toBe(0.05);
    expect(nudged(kitchen, 'side', { ...still, low: -9, high: -9 }).z).toBe(0);
    expect(nudged(part('places:saltbush-19/kitchen', 'above'), 'above', { ...still, low: 9, high: 9 }).y).toBe(2);
  });

  it('from above moves across the body, and leaves heights alone', () => {
    const kitchen = part('places:saltbush-19/kitchen', 'above');
    expect(nudged(kitchen, 'above', { ...still, low: 0.5, high: 0.5 })).toEqual({
      x: 3.9,
      length: 1.2,
      y: -0.35,
      width: 0.6,
    });
  });

  it('keeps to what a part can be told: a tank has a length, a seat has a place only', () => {
    expect(resizes(part('tanks:saltbush-19/grey'), 'side')).toEqual({ along: true, across: false });
    expect(
      nudged(part('tanks:saltbush-19/grey'), 'side', { ...still, start: 0.1, end: 0.1, low: 0.1, high: 0.1 }),
    ).toEqual({
      x: 6.4,
      length: 0.7,
      z: 0.52,
    });
    expect(nudged(part('seats:tern-wagon/driver'), 'side', { start: 0.1, end: 0.1, low: 1, high: 1 })).toEqual({
      x: 1.48,
    });
    expect(nudged(part('seats:tern-wagon/driver', 'above'), 'above', { ...still, low: 0.76, high: 0.76 })).toEqual({
      x: 1.38,
      y: 0.38,
    });
  });
});

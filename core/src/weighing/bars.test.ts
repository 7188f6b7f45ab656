import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { fullRestoration, gravity } from '../statics/distribution.ts';
import { exampleView } from '../testing/examples.ts';
import { slipOf, type Stood } from '../testing/weighed.ts';
import { barAngle, levelling } from './levelling.ts';
import { threePass } from './threePass.ts';

const plain: RigView = onDay(exampleView('australian-wagon-and-tandem'), '2026-06-01');
const withBars = (fraction: number): RigView => ({
  ...plain,
  rig: { ...plain.rig, hitch: { ...plain.rig.hitch, distribution: { kind: 'fraction', fraction } } },
});
const off: readonly Stood[] = [
  { state: 'uncoupled', on: ['front'] },
  { state: 'uncoupled', on: ['rear'] },
  { state: 'coupled', on: ['front'] },
  { state: 'coupled', on: ['front', 'rear'] },
  { state: 'coupled', on: ['trailer'] },
];
const passes: readonly Stood[] = [
  ...off,
  { state: 'coupled', bars: true, on: ['front'] },
  { state: 'coupled', bars: true, on: ['rear'] },
  { state: 'coupled', bars: true, on: ['trailer'] },
];

describe('three passes over a weighbridge', () => {
  it('give the couple and the share restored, whatever the bars were set to', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 1.2, noNaN: true }), (fraction) => {
        const view = withBars(fraction);
        const found = threePass(view, slipOf(view, passes, 0.001));
        expect(found?.restored?.value).toBeCloseTo(fraction, 4);
        expect(found?.missing).toEqual([]);
        expect(found?.ontoTrailer?.value).toBeGreaterThan(0);
      }),
      { numRuns: 30 },
    );
  });

  it('tell the couple in newton metres as the lengths have it', () => {
    const view = withBars(0.5);
    const slip = slipOf(view, passes, 0.001);
    const found = threePass(view, slip);
    const overhang = plain.vehicle?.geometry.couplingOverhang ?? 0;
    const axles = plain.trailer?.geometry.axlePosition ?? 1;
    const ball = (found?.settings[2]?.couple ?? 0) / gravity / fullRestoration(overhang, axles);
    expect(found?.couple?.value).toBeCloseTo(0.5 * fullRestoration(overhang, axles) * ball * gravity, 1);
    expect(found?.settings.map(({ times }) => Number((times ?? NaN).toFixed(3)))).toEqual([0, 1, 2]);
  });

  it('move load and make none: every setting weighs the same altogether', () => {
    const found = threePass(plain, slipOf(plain, off, 0.001));
    const totals = found?.settings.map(({ front, rear, trailer }) => front + rear + trailer) ?? [];
    expect(totals).toHaveLength(3);
    for (const total of totals) expect(total).toBeCloseTo(totals[0] ?? NaN, 6);
    const [none, half, full] = found?.settings.map(({ front }) => front) ?? [];
    const alone = found?.front.alone?.value ?? NaN;
    expect(full).toBeCloseTo(alone, 4);
    expect(half).toBeCloseTo(((none ?? 0) + alone) / 2, 4);
  });

  it('without the pass with bars on: what to set them to is known, what they are set to is not', () => {
    const found = threePass(plain, slipOf(plain, off, 10));
    expect(found?.missing).toEqual(['rigFrontBars']);
    expect(found?.couple).toBeNull();
    expect(found?.settings.every(({ times }) => times === null)).toBe(true);
  });

  it('are no matter for a fifth wheel, nor for a van alone', () => {
    for (const name of ['pick-up-with-fifth-wheel', 'british-van-with-scooter'] as const) {
      const view = exampleView(name);
      expect(threePass(view, slipOf(view, [], 10))).toBeNull();
    }
  });
});

describe('heights of the wheel arches', () => {
  it('say how much of the rise was taken back, and when it is too much', () => {
    const rear = { alone: 0.84, coupled: 0.79 };
    expect(levelling({ alone: 0.8, coupled: 0.83, bars: 0.815 }, rear).restored).toBeCloseTo(0.5, 9);
    expect(levelling({ alone: 0.8, coupled: 0.83, bars: 0.815 }, rear).rearDrop).toBeCloseTo(0.05, 9);
    expect(levelling({ alone: 0.8, coupled: 0.83, bars: 0.79 }, rear).overdone).toBe(true);
  });

  it('say nothing where there is no rise to take back', () => {
    expect(levelling({ alone: 0.8, coupled: 0.801, bars: 0.8 }, {}).restored).toBeNull();
    expect(levelling({ alone: 0.8 }, {}).frontRise).toBeNull();
  });

  it('of a bar: its angle, where it has a length', () => {
    expect(barAngle(0.1, 0.2)).toBeCloseTo(30, 9);
    expect(barAngle(0.1, 0)).toBeNull();
    expect(barAngle(0.3, 0.2)).toBeNull();
  });
});

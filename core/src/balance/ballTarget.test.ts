import { describe, expect, it } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import type { RigView } from '../loading/rigView.ts';
import { assess } from '../verdict/assess.ts';
import { ballStands, ballTarget, type BallTarget } from './ballTarget.ts';
import { trimByWater } from './trimByWater.ts';

const wagon = exampleView('australian-wagon-and-tandem');
const band: BallTarget = { now: 190, range: null, low: 150, high: 220, legalLeast: null, most: 300 };

describe('a load on the coupling that is known as a range', () => {
  it('is right only with all of it, and open where it reaches over an edge', () => {
    expect(ballStands(band)).toBe('right');
    expect(ballStands({ ...band, range: { from: 160, to: 210 } })).toBe('right');
    expect(ballStands({ ...band, range: { from: 160, to: 230 } })).toBe('open');
    expect(ballStands({ ...band, range: { from: 90, to: 140 } })).toBe('light');
    expect(ballStands({ ...band, range: { from: 225, to: 260 } })).toBe('heavy');
    expect(ballStands({ ...band, most: 120 })).toBe('noRoom');
  });

  it('is one where it rests on what is usual, two standard deviations each way', () => {
    if (!wagon.trailer) throw new Error('no trailer');
    const { emptyMass } = wagon.trailer;
    if (!emptyMass || !('total' in emptyMass)) throw new Error('no empty mass');
    const bare: RigView = {
      ...wagon,
      slips: undefined,
      trailer: { ...wagon.trailer, typical: true, emptyMass: { ...emptyMass, ballLoad: undefined } },
    };
    const assessment = assess(bare);
    const { ballLoad } = assessment.loads.values;
    if (ballLoad.kind !== 'known') throw new Error('not known');
    expect(ballLoad.typical).toBeDefined();
    const range = ballTarget(assessment)?.range;
    expect(range && range.to - range.from).toBeCloseTo(4 * ballLoad.sigma, 6);
    expect(ballTarget(assess(wagon))?.range).toBeNull();
  });
});

describe('what water can do while a limit is not known', () => {
  it('names the limits that nobody can judge instead of keeping them', () => {
    if (!wagon.vehicle) throw new Error('no car');
    const plates = wagon.vehicle.plates.map((plate) => ({
      ...plate,
      figures: plate.figures.filter(({ limit }) => limit !== 'rearAxleMax'),
    }));
    const unread: RigView = { ...wagon, vehicle: { ...wagon.vehicle, plates } };
    const [first] = trimByWater(assess(unread));
    expect(first?.open.map(({ id }) => id)).toContain('axle.rear');
    expect(trimByWater(assess(wagon))[0]?.open).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { placedMass } from '../loading/placed.ts';
import { downrate } from '../testing/downrate.ts';
import { exampleView } from '../testing/examples.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { applyPackage } from '../uprating/applyPackage.ts';
import { judge } from '../verdict/assess.ts';
import { leastToLeave } from './leastToLeave.ts';

const motorhome = exampleView('german-motorhome');
const down = (to: number): RigView => applyPackage(motorhome, downrate(to));

describe('the least that has to stay at home', () => {
  it('is nothing where nothing is over', () => {
    expect(leastToLeave(motorhome, testSolver, patient)).toMatchObject({ left: [], mass: 0, proven: true });
  });

  it('is what no choice of things undercuts: all of them tried', () => {
    // The rear axle stays as it is here, so what matters are masses alone: sums of things, each tried.
    const lowered = down(3500);
    const over = -(judge(lowered).checks.find(({ id }) => id === 'vehicle.max')?.margin ?? 0);
    const masses = lowered.loadout.placements.map((one) => {
      const thing = lowered.things.get(one.thing);
      return thing ? placedMass(thing, one) : 0;
    });
    let sums = new Set([0]);
    for (const mass of masses)
      sums = new Set([...sums, ...[...sums].map((sum) => Math.round((sum + mass) * 1e4) / 1e4)]);
    const least = Math.min(...[...sums].filter((sum) => sum >= over - 1e-6));
    const found = leastToLeave(lowered, testSolver, { ...patient, near: 0 });
    expect(found?.proven).toBe(true);
    expect(found?.mass).toBeCloseTo(least, 3);
    expect(found?.stillOver).toEqual([]);
  });

  it('where nothing helps is all of it, and what is over then is named', () => {
    const found = leastToLeave(down(3000), testSolver, patient);
    expect(found?.loadout.placements).toEqual([]);
    expect(found?.stillOver.map(({ id }) => id)).toContain('vehicle.max');
  });

  it('says where less would do, packed otherwise: an axle too full need not leave anything at home', () => {
    const wagon = exampleView('australian-wagon-and-tandem');
    const found = leastToLeave(wagon, testSolver, patient);
    expect(found?.mass).toBeGreaterThan(0);
    expect(found?.packedOtherwise).toBe(0);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { chances } from '../testing/chances.ts';
import { slipOf, ticketOf, type Stood } from '../testing/weighed.ts';
import { belowEmpty } from './belowEmpty.ts';
import type { Combination } from '../scale/combination.ts';
import { contradictions } from './contradictions.ts';
import { adjust } from '../scale/leastSquares.ts';
import { leverCheck } from './leverCheck.ts';
import { suspects } from '../scale/slipEquations.ts';
import { nextReading } from './nextReading.ts';
import { readingSigma, sigmaOn } from '../loading/ticket.ts';
import { readingOf } from '../scale/weighedLoads.ts';

const rig = (name: Parameters<typeof exampleView>[0]): RigView => onDay(exampleView(name), '2026-06-01');
const wagon = rig('australian-wagon-and-tandem');
const four: readonly Stood[] = [
  { state: 'coupled', on: ['front', 'rear'] },
  { state: 'coupled', on: ['trailer'] },
  { state: 'uncoupled', on: ['front'] },
  { state: 'uncoupled', on: ['rear'] },
];
const [vehicleCoupled, trailerAxles, frontAlone, rearAlone] = four as [Stood, Stood, Stood, Stood];

describe('the ± that is told', () => {
  it('holds as often as it says: noisy readings of random rigs are within two standard deviations 95 times in 100', () => {
    const { normal, between } = chances(20260601);
    const asked: readonly Combination[] = [{ F: 1 }, { R: 1 }, { B: 1 }, { G: 1 }, { F: 1, R: 1, B: 1, G: 1 }];
    const inside = asked.map(() => 0);
    const runs = 2000;
    for (let run = 0; run < runs; run += 1) {
      const truth: Readonly<Record<string, number>> = {
        F: between(600, 1600),
        R: between(600, 2200),
        B: between(40, 300),
        G: between(700, 2800),
      };
      const lengths = {
        vehicle: { wheelbase: between(2.4, 3.8), couplingOverhang: between(0.8, 1.6) },
        trailer: { axlePosition: between(3, 5.5) },
      };
      const readings: readonly Stood[] = [...four, { state: 'coupled', on: ['front'] }];
      const found = adjust(
        readings.map((one) => {
          const of = readingOf(lengths, { ...one, id: 'x', value: 0 }) ?? {};
          const sigma = between(2, 10);
          const exact = Object.entries(of).reduce((sum, [name, factor]) => sum + factor * (truth[name] ?? 0), 0);
          return { of, value: exact + sigma * normal(), sigma };
        }),
      );
      asked.forEach((of, at) => {
        const estimate = found.estimate(of);
        const exact = Object.keys(of).reduce((sum, name) => sum + (truth[name] ?? 0), 0);
        if (estimate && Math.abs(estimate.value - exact) <= 2 * estimate.se) inside[at] = (inside[at] ?? 0) + 1;
      });
    }
    // 95.45 % by the normal law; 2,000 runs leave ± 0.93 % at two standard deviations.
    for (const count of inside) {
      expect(count / runs).toBeGreaterThan(0.94);
      expect(count / runs).toBeLessThan(0.969);
    }
  });

  it('is wider where readings of two scales are subtracted', () => {
    const one = slipOf(wagon, four, 20);
    const [first, ...others] = one.readings;
    const two = { ...one, readings: first ? [{ ...first, scale: 'Quarry' }, ...others] : [] };
    for (const at of [0, 1]) {
      const reading = two.readings[at];
      if (!reading) throw new Error('no reading');
      expect(sigmaOn(two, reading)).toBeCloseTo(Math.SQRT2 * sigmaOn(one, { ...reading, scale: undefined }), 9);
    }
  });

  it('follows what the certificate of the scale says, and never falls below its steps', () => {
    expect(readingSigma(3000, 20, 30)).toBe(15);
    expect(readingSigma(3000, 20, 2)).toBeCloseTo(20 / Math.sqrt(12), 9);
    const slip = { ...slipOf(wagon, four, 20), scaleError: 40 };
    expect(slip.readings.map((one) => sigmaOn(slip, one))).toEqual([20, 20, 20, 20]);
  });
});

describe('readings that cannot all be right', () => {
  const more: readonly Stood[] = [...four, { state: 'coupled', on: ['front'] }];

  it('are put beside what the others make of them', () => {
    const wrong = slipOf(
      wagon,
      [...more, { state: 'coupled', on: ['front', 'rear', 'trailer'] }],
      5,
      {},
      [0, 0, 0, 0, 0, 90],
    );
    const first = contradictions(wagon, wrong).find(({ reading }) => reading.id === 'reading-5');
    expect(first?.apart).toBeCloseTo(90, 0);
    expect(first && first.read - first.others).toBeCloseTo(first?.apart ?? 0, 9);
    expect(contradictions(wagon, slipOf(wagon, more, 5))).toEqual([]);
  });

  it('name the one that is off wherever it is, when there is enough to tell by', () => {
    const plenty: readonly Stood[] = [
      ...more,
      { state: 'coupled', on: ['rear'] },
      { state: 'coupled', on: ['front', 'rear', 'trailer'] },
      { state: 'uncoupled', on: ['front', 'rear'] },
      { state: 'uncoupled', support: 'ball', on: ['ball'] },
      { state: 'uncoupled', support: 'ball', on: ['trailer'] },
    ];
    fc.assert(
      fc.property(fc.nat({ max: plenty.length - 1 }), fc.constantFrom(-200, -120, 120, 200), (at, by) => {
        const slip = slipOf(
          wagon,
          plenty,
          5,
          {},
          plenty.map((_, one) => (one === at ? by : 0)),
        );
        const said = contradictions(wagon, slip).map(({ reading }) => reading.id);
        expect(said).toContain(slip.readings[at]?.id);
      }),
    );
  });

  it('name nobody where each reading stands alone', () => {
    expect(suspects(adjust([{ of: { F: 1 }, value: 1000, sigma: 5 }]))).toEqual([]);
  });
});

describe('the lever of the coupling', () => {
  it('is overhang over wheelbase where scale and tape agree', () => {
    const check = leverCheck(wagon, slipOf(wagon, [...four, { state: 'coupled', on: ['front'] }], 1));
    expect(check?.agrees).toBe(true);
    expect(check?.weighed).toBeCloseTo(check?.measured ?? NaN, 6);
  });

  it('puts the lengths in doubt where they do not', () => {
    const slip = slipOf(wagon, [...four, { state: 'coupled', on: ['front'] }], 1);
    const wrong: RigView = {
      ...wagon,
      vehicle: wagon.vehicle && { ...wagon.vehicle, geometry: { ...wagon.vehicle.geometry, couplingOverhang: 2.2 } },
    };
    expect(leverCheck(wrong, slip)?.agrees).toBe(false);
  });

  it('is not asked where the slip does not settle it', () => {
    expect(leverCheck(wagon, slipOf(wagon, four, 1))).toBeNull();
    expect(leverCheck(rig('british-van-with-scooter'), ticketOf(wagon, []))).toBeNull();
  });
});

describe('a body lighter than its papers say it is empty', () => {
  it('puts scale or papers in doubt, and only that body', () => {
    const light = slipOf(wagon, four, 1, {}, [-900, 0, -450, -450]);
    expect(belowEmpty(wagon, light).map(({ side }) => side)).toEqual(['vehicle']);
    expect(belowEmpty(wagon, slipOf(wagon, four, 1))).toEqual([]);
  });
});

describe('the next reading', () => {
  it('is the one that settles most, and says how many are to go', () => {
    const begun = nextReading(wagon, slipOf(wagon, [vehicleCoupled, trailerAxles]));
    expect(begun?.toGo).toBeGreaterThan(0);
    expect(begun?.surer).toBeNull();
    const after = nextReading(wagon, slipOf(wagon, [vehicleCoupled, trailerAxles, frontAlone]));
    expect(after?.toGo).toBe(1);
    expect(after?.settles).toContain('ballLoad');
  });

  it('leads from nothing to everything in as many steps as it says', () => {
    let stood: readonly Stood[] = [];
    let left = nextReading(wagon, slipOf(wagon, stood))?.toGo ?? 0;
    expect(left).toBe(4);
    for (let step = 0; step < 6 && left > 0; step += 1) {
      const next = nextReading(wagon, slipOf(wagon, stood));
      if (!next || next.toGo === 0) break;
      expect(next.toGo).toBe(left);
      stood = [...stood, next.stand];
      left -= 1;
    }
    expect(left).toBe(0);
  });

  it('makes the least sure surer once all is settled, as long as that is worth it', () => {
    const next = nextReading(wagon, slipOf(wagon, [vehicleCoupled, trailerAxles, frontAlone, rearAlone], 20));
    expect(next?.toGo).toBe(0);
    expect(next?.surer && next.surer.to < 0.8 * next.surer.from).toBe(true);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView } from '../testing/caseRig.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { quantityNames } from '../statics/rigRows.ts';
import { contributions, worthWeighing } from './contributions.ts';
import { chanceOver } from '../checks/chanceOver.ts';
import { assess } from '../verdict/assess.ts';
import { chanceAbove } from './normal.ts';

describe('the chance that a limit is passed', () => {
  it.each([
    // Standard normal table.
    [0, 0.5],
    [1, 0.8413447461],
    [-1, 0.1586552539],
    [1.96, 0.9750021049],
    [-3, 0.001349898],
    [-6, 9.8658764e-10],
  ])('at %d standard deviations over is %d', (z, want) => {
    expect(chanceAbove(1000 + 10 * z, 1000, 10)).toBeCloseTo(want, z < -5 ? 16 : 9);
  });

  it('falls as the limit rises, and both sides make one', () => {
    const z = fc.double({ min: -30, max: 30, noNaN: true });
    fc.assert(
      fc.property(z, z, (a, b) => {
        expect(chanceAbove(a, 0, 1) + chanceAbove(-a, 0, 1)).toBeCloseTo(1, 12);
        if (a < b) expect(chanceAbove(a, 0, 1)).toBeLessThanOrEqual(chanceAbove(b, 0, 1) + 1e-15);
      }),
    );
  });

  it('of a check follows its sense: a most is passed above it, a least below; without a doubt nobody gives a chance', () => {
    const check = assess(exampleView('german-estate-and-caravan')).checks.find(({ id }) => id === 'axle.rear')!;
    const known = { ...check, demand: 990, limit: 1000, margin: 10, sigma: 10 };
    expect(chanceOver({ ...known, sense: 'max' })).toBeCloseTo(0.1586552539, 9);
    expect(chanceOver({ ...known, sense: 'min', demand: 1010 })).toBeCloseTo(0.1586552539, 9);
    expect(chanceOver({ ...known, sense: 'min', demand: 990, margin: -10 })).toBeCloseTo(0.8413447461, 9);
    for (const lost of ['demand', 'limit', 'margin', 'sigma'])
      expect(chanceOver({ ...known, [lost]: null })).toBeNull();
    expect(chanceOver({ ...known, sigma: 0 })).toBeNull();
  });

  it('is certain where nothing is in doubt', () => {
    expect(chanceAbove(1001, 1000, 0)).toBe(1);
    expect(chanceAbove(1000, 1000, 0)).toBe(0);
  });
});

describe('who causes the doubt', () => {
  it('adds up to the whole of it, for every load of every example', () => {
    for (const name of exampleNames) {
      const compiled = compile(exampleView(name));
      for (const quantity of quantityNames) {
        const value = compiled.values[quantity];
        if (value.kind !== 'known') continue;
        const list = contributions(compiled.points, value.row);
        const sum = list.reduce((all, one) => all + one.variance, 0);
        expect(Math.sqrt(sum), `${name} ${quantity}`).toBeCloseTo(value.sigma, 9);
        if (list.length > 0) expect(list.reduce((all, one) => all + one.share, 0)).toBeCloseTo(1, 9);
        expect(worthWeighing(compiled.points, value.row).length).toBeLessThanOrEqual(5);
      }
    }
  });

  it('is nobody where everything is known', () => {
    fc.assert(
      fc.property(arbitraryRig, (rig) => {
        const compiled = compile(caseView(rig));
        const { rearAxle } = compiled.values;
        if (rearAxle.kind === 'known') expect(contributions(compiled.points, rearAxle.row)).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });

  it('tells a thing to be weighed from one whose place is to be measured', () => {
    const compiled = compile(
      caseView({
        trailer: {
          A: 4,
          axles: 1,
          bare: { m: 1000, x: 3.6 },
          masses: [
            { id: 'heavy', m: 60, x: 1.5, sigma_m: 12 },
            { id: 'wide', m: 80, x: 5, zoneHalfLength: 1 },
          ],
        },
      }),
    );
    const { ballLoad } = compiled.values;
    const list = ballLoad.kind === 'known' ? worthWeighing(compiled.points, ballLoad.row) : [];
    // 80/4·1/√3 = 11.5 kg by its place; (1 − 1.5/4)·12 = 7.5 kg by its mass.
    expect(list.map((one) => [one.id, one.byPlace])).toEqual([
      ['trailer-wide', 1],
      ['trailer-heavy', 0],
    ]);
  });
});

describe('a length that is not known exactly', () => {
  const doubted = fc.record({
    rig: arbitraryRig,
    w: fc.integer({ min: 1, max: 8 }),
    a: fc.integer({ min: 1, max: 8 }),
  });

  it('widens every load by what the load changes when the whole rig is reckoned with it longer and shorter', () => {
    fc.assert(
      fc.property(doubted, ({ rig, w, a }) => {
        const [sigmaW, sigmaA] = [w / 100, a / 100];
        const given = { vehicle: { ...rig.vehicle, sigma_W: sigmaW }, trailer: { ...rig.trailer, sigma_A: sigmaA } };
        const found = compile(caseView(given)).values;
        // Both bodies by their loads, which stay what they are: the case converts by the lengths it is given.
        const bare = caseView(given);
        const at = (wheelbase: number, axles: number) => {
          const { vehicle, trailer } = bare;
          const longer = {
            ...bare,
            vehicle: vehicle && { ...vehicle, geometry: { ...vehicle.geometry, wheelbase } },
            trailer: trailer && { ...trailer, geometry: { ...trailer.geometry, axlePosition: axles } },
          };
          return compile(longer).values;
        };
        const [W, A] = [rig.vehicle.W, rig.trailer.A];
        const value = (of: ReturnType<typeof at>, name: (typeof quantityNames)[number]) => {
          const one = of[name];
          return one.kind === 'known' ? one.value : 0;
        };
        for (const name of quantityNames) {
          const one = found[name];
          if (one.kind !== 'known') continue;
          const byW = (value(at(W + 0.001, A), name) - value(at(W - 0.001, A), name)) / 0.002;
          const byA = (value(at(W, A + 0.001), name) - value(at(W, A - 0.001), name)) / 0.002;
          expect(one.sigma, name).toBeCloseTo(Math.hypot(byW * sigmaW, byA * sigmaA), 2);
          const list = contributions(compile(bare).points, one.row, one.lengths);
          expect(Math.sqrt(list.reduce((sum, { variance }) => sum + variance, 0)), name).toBeCloseTo(one.sigma, 9);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('cancels where both sides of a share lean on it: the ± of B − f·M is that of the difference', () => {
    const rig = exampleView('german-estate-and-caravan');
    const { trailer, vehicle } = rig;
    const geometry = { ...vehicle!.geometry, plusMinus: { wheelbase: 0.2 } };
    const loads = compile({ ...rig, vehicle: { ...vehicle!, geometry }, trailer });
    const front = loads.values.frontAxle;
    const share = loads.lessTimes('frontAxle', 0.3, 'vehicleTotal');
    // The total does not lean on the wheelbase, so the share leans on it as the axle does.
    expect(share.kind === 'known' && share.lengths).toEqual(front.kind === 'known' && front.lengths);
    const itself = loads.lessTimes('frontAxle', 1, 'frontAxle');
    expect(itself.kind === 'known' && itself.sigma).toBeCloseTo(0, 9);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView } from '../testing/caseRig.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { quantityNames } from '../statics/rigRows.ts';
import { contributions, worthWeighing } from './contributions.ts';
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

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { bindsLoad, type Check } from '../checks/check.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import upratingCases from '../testing/cases/uprate.json' with { type: 'json' };
import { loadPattern } from './loadPattern.ts';
import { chances } from '../testing/chances.ts';
import { shuffledRig } from '../testing/shuffledRig.ts';
import { assess } from '../verdict/assess.ts';
import { applyPackage, applyPackages } from './applyPackage.ts';
import { inTheWay } from './diagnosis.ts';
import { crossings } from './crossings.ts';
import type { Shift } from '../limits/limitLine.ts';
import { growth, usableGain, type Growth } from './usableGain.ts';
import { costOf, upratePackageSchema, type UpratePackage } from './upratePackage.ts';

type Limits = Readonly<Partial<Record<LimitName, number>>>;
interface UprateCase {
  readonly id: string;
  readonly title: string;
  readonly given: {
    readonly rig: CaseRig;
    readonly limits: Limits;
    readonly pattern: readonly { readonly body: 'vehicle' | 'trailer'; readonly x: number; readonly m: number }[];
    readonly package: {
      readonly id: string;
      readonly limits: Limits;
      readonly adds?: readonly { readonly body: 'vehicle'; readonly m: number; readonly x: number }[];
      readonly cost: number;
    };
  };
  readonly expect: Readonly<Record<string, unknown>> & {
    readonly scaleBefore: number;
    readonly scaleAfter: number;
    readonly usableGain: number;
    readonly costPerKg?: number;
    readonly bindingBefore: readonly string[];
    readonly bindingAfter: readonly string[];
  };
  readonly tolerance: { readonly abs: number; readonly rel: number };
}
const cases = upratingCases as unknown as readonly UprateCase[];
const idOf: Readonly<Record<string, string>> = {
  vehicleMax: 'vehicle.max',
  frontAxleMax: 'axle.front',
  rearAxleMax: 'axle.rear',
  combinationMax: 'combination.max',
};

const packageOf = (limits: Limits, more: Partial<UpratePackage> = {}): UpratePackage =>
  upratePackageSchema.parse({
    id: 'package',
    name: 'Package',
    kind: 'paper',
    of: 'vehicle',
    limits: Object.entries(limits).map(([limit, to]) => ({ limit, to })),
    adds: [],
    costs: [],
    currency: 'EUR',
    ...more,
  });
const checksOf = (view: RigView): readonly Check[] => assess(view).checks;
const scale = (one: Growth) => (one.kind === 'room' ? one.scale : NaN);
const names = (one: Growth) => one.binding.map(({ id }) => id);

describe('worked uprates', () => {
  it.each(cases.map((one) => [one.id, one.title, one] as const))('%s %s', (_id, _title, one) => {
    const { rig, limits, pattern, package: given } = one.given;
    const view = caseView({ ...rig, limits });
    const made = packageOf(given.limits, {
      adds: (given.adds ?? []).map(({ m, x }) => ({ mass: m, x })),
      costs: [{ kind: 'certifier', amount: given.cost, taxIncluded: true }],
    });
    const items = pattern.map(({ body, x, m }): Shift => ({ side: body, x, mass: m }));
    const found = usableGain(checksOf(view), checksOf(applyPackage(view, made)), items);
    const near = (got: number | null | undefined, want: number) =>
      expect(Math.abs((got ?? NaN) - want)).toBeLessThanOrEqual(one.tolerance.abs + one.tolerance.rel * Math.abs(want));
    near(scale(found.before), one.expect.scaleBefore);
    near(scale(found.after), one.expect.scaleAfter);
    near(found.usable, one.expect.usableGain);
    expect(names(found.before)).toEqual(one.expect.bindingBefore.map((name) => idOf[name]));
    expect(names(found.after)).toEqual(one.expect.bindingAfter.map((name) => idOf[name]));
    if (one.expect.costPerKg !== undefined) near(costOf(made) / (found.usable ?? NaN), one.expect.costPerKg);
    const to = given.limits.vehicleMax;
    if (to !== undefined) {
      expect(crossings(limits.vehicleMax ?? NaN, to, [3500])).toEqual(one.expect['crossings:vehicleMax']);
    }
  });
});

describe('usable gain', () => {
  const [base] = cases;
  if (!base) throw new Error('no case');
  const { rig, limits } = base.given;
  const view = caseView({ ...rig, limits });
  const raise = fc.record({
    vehicleMax: fc.integer({ min: 0, max: 600 }),
    frontAxleMax: fc.integer({ min: 0, max: 400 }),
    rearAxleMax: fc.integer({ min: 0, max: 400 }),
  });
  const patterns = fc.array(
    fc.record({ x: fc.double({ min: 0, max: 5.5, noNaN: true }), mass: fc.integer({ min: 1, max: 60 }) }),
    { minLength: 1, maxLength: 5 },
  );
  const raised = (by: Limits): RigView =>
    applyPackage(
      view,
      packageOf({}, { limits: Object.entries(by).map(([limit, up]) => ({ limit: limit as LimitName, by: up })) }),
    );
  const items = (list: readonly { x: number; mass: number }[]) =>
    list.map((one): Shift => ({ side: 'vehicle', ...one }));
  const gainOf = (by: Limits, pattern: readonly Shift[]) => usableGain(checksOf(view), checksOf(raised(by)), pattern);

  it('of raised limits is never negative, and never above what any limit was raised by, along the pattern', () => {
    fc.assert(
      fc.property(raise, patterns, (by, list) => {
        const pattern = items(list);
        const { usable, before } = gainOf(by, pattern);
        expect(usable).toBeGreaterThanOrEqual(-1e-9);
        // Each limit that governed before was raised by so much; nothing more than that can come of it.
        const total = pattern.reduce((sum, { mass }) => sum + mass, 0);
        for (const check of before.binding) {
          const name = Object.keys(idOf).find((one) => idOf[one] === check.id);
          const nominal = by[name as keyof typeof by];
          const alone = name === undefined ? usable : (gainOf({ [name]: nominal }, pattern).usable ?? 0);
          const own = growth([{ ...check, margin: (check.margin ?? 0) + nominal }], pattern);
          expect(usable ?? NaN).toBeLessThanOrEqual(total * ((scale(own) ?? NaN) - (scale(before) ?? NaN)) + 1e-6);
          expect(alone ?? NaN).toBeLessThanOrEqual((usable ?? NaN) + 1e-6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('grows with the limits', () => {
    fc.assert(
      fc.property(raise, raise, patterns, (one, more, list) => {
        const both = {
          vehicleMax: one.vehicleMax + more.vehicleMax,
          frontAxleMax: one.frontAxleMax + more.frontAxleMax,
          rearAxleMax: one.rearAxleMax + more.rearAxleMax,
        };
        const pattern = items(list);
        expect(gainOf(both, pattern).usable).toBeGreaterThanOrEqual((gainOf(one, pattern).usable ?? NaN) - 1e-9);
      }),
      { numRuns: 60 },
    );
  });

  it('is less by what the package itself weighs, and can be a loss', () => {
    const heavy = packageOf({}, { adds: [{ mass: 60, x: 3.8 }] });
    const pattern = items([{ x: 3.8, mass: 10 }]);
    expect(usableGain(checksOf(view), checksOf(applyPackage(view, heavy)), pattern).usable).toBeCloseTo(-60, 6);
  });

  it('of a rig that is over already is nothing until the package mends it, and the deficit is told', () => {
    const low = caseView({ ...rig, limits: { ...limits, vehicleMax: 3000 } });
    const pattern = items([{ x: 2, mass: 10 }]);
    const found = usableGain(checksOf(low), checksOf(applyPackage(low, packageOf({ vehicleMax: 3050 }))), pattern);
    expect(found.before).toMatchObject({ kind: 'over', deficit: expect.closeTo(130, 6) as number });
    expect(found.after).toMatchObject({ kind: 'over', deficit: expect.closeTo(80, 6) as number });
    expect(found.usable).toBe(0);
  });

  it('has no end where nothing binds', () => {
    expect(growth([], items([{ x: 1, mass: 1 }]))).toEqual({ kind: 'room', scale: null, binding: [] });
    expect(usableGain([], checksOf(view), items([{ x: 1, mass: 1 }])).usable).toBeNull();
  });
});

describe('a package on a rig', () => {
  const [base] = cases;
  if (!base) throw new Error('no case');
  const view = caseView({ ...base.given.rig, limits: base.given.limits });
  const partPlate: RigView = {
    ...view,
    vehicle: view.vehicle && {
      ...view.vehicle,
      plates: [
        ...view.vehicle.plates,
        { id: 'axle', source: 'axle', figures: [{ limit: 'rearAxleMax', value: 1810, typed: '1810' }] },
      ],
    },
  };
  const limitOf = (of: RigView) => checksOf(of).find(({ id }) => id === 'axle.rear')?.limit;

  it('raises no limit above the weakest part, unless the part is changed too', () => {
    const paper = packageOf({ rearAxleMax: 2000 });
    expect(limitOf(applyPackage(partPlate, paper))).toBe(1810);
    const axle = packageOf({}, { id: 'axle', limits: [{ limit: 'rearAxleMax', to: 2100, part: 'axle' }] });
    expect(limitOf(applyPackages(partPlate, [paper, axle]))).toBe(2000);
  });

  it('leaves a body alone that the rig has not, and a limit nobody has stated', () => {
    expect(applyPackage(view, packageOf({}, { of: 'trailer' }))).toBe(view);
    const unknown = packageOf({}, { limits: [{ limit: 'tagAxleMax', by: 100 }] });
    expect(checksOf(applyPackage(view, unknown)).map(({ limit }) => limit)).toEqual(
      checksOf(view).map(({ limit }) => limit),
    );
  });
});

describe('marks passed', () => {
  it('are those between the old and the new figure, and coming back is the same the other way', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 8000 }), fc.integer({ min: 1000, max: 8000 }), (from, to) => {
        const there = crossings(from, to, [3500, 4250, 7500]);
        const back = crossings(to, from, [3500, 4250, 7500]);
        expect(there.up).toEqual(back.down);
        expect(there.down).toEqual(back.up);
        expect(there.up.length === 0 || there.down.length === 0).toBe(true);
      }),
    );
    expect(crossings(3150, 3500, [3500]).up).toEqual([]);
    expect(crossings(3650, 3500, [3500]).down).toEqual([3500]);
  });
});

describe('a growing load', () => {
  /** The things on board so many times as heavy as they are. */
  const grown = (view: RigView, times: number): RigView => ({
    ...view,
    things: new Map([...view.things].map(([id, thing]) => [id, { ...thing, mass: thing.mass * times }])),
  });

  it('ends where the rig reckoned anew says so, a place’s rating and a camper’s plate among its limits', () => {
    const random = chances(17);
    const ends = new Set<string>();
    for (let n = 0; n < 400; n += 1) {
      const view = { ...shuffledRig(random), slips: undefined };
      const { loads, checks } = assess(view);
      const found = growth(checks, loadPattern(loads));
      if (found.kind === 'over' || found.scale === null) continue;
      const after = assess(grown(view, 1 + found.scale)).checks;
      for (const { id, rule } of found.binding) {
        ends.add(rule);
        expect(after.find((check) => check.id === id)?.margin, id).toBeCloseTo(0, 5);
      }
      for (const check of after.filter(bindsLoad)) expect(check.margin, check.id).toBeGreaterThan(-1e-5);
    }
    expect([...ends]).toEqual(expect.arrayContaining(['place.rating', 'camper.max']));
  });

  it('ends where what is in its way says, the nearest first', () => {
    const random = chances(23);
    const nearest = new Set<string>();
    for (let n = 0; n < 300; n += 1) {
      const { loads, checks } = assess(shuffledRig(random));
      const pattern = loadPattern(loads);
      const found = growth(checks, pattern);
      const [first] = inTheWay(checks, pattern);
      if (found.kind === 'over') expect(first?.room).toBeCloseTo(-found.deficit, 6);
      if (found.kind === 'over' || found.scale === null || found.scale > 20) continue;
      nearest.add(first?.check.rule ?? '');
      expect(found.binding.map(({ id }) => id)).toContain(first?.check.id);
      expect(first?.room).toBeCloseTo(found.scale * pattern.reduce((sum, { mass }) => sum + mass, 0), 6);
    }
    expect([...nearest]).toContain('place.rating');
  });
});

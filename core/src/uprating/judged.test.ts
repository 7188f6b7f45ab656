import { describe, expect, it } from 'vitest';
import { byTheList, onDay } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { inTheWay } from './diagnosis.ts';
import { examplePackages } from './examplePackages.data.ts';
import { judgePackages } from './judged.ts';
import { loadPattern } from './loadPattern.ts';
import { upratePackageSchema, type UpratePackage } from './upratePackage.ts';

const packages: readonly UpratePackage[] = examplePackages.map((one) => ({ ...one, name: one.id, currency: 'EUR' }));
const on = (name: Parameters<typeof exampleView>[0]) => {
  const view = byTheList(onDay(exampleView(name), '2026-06-01'));
  const today = assess(view);
  return { view, today, judged: judgePackages(view, today, packages) };
};
const find = (list: ReturnType<typeof judgePackages>, id: string) => list.find((one) => one.package.id === id);

describe('the example packages', () => {
  it('are whole records, and those they exclude exist and exclude them', () => {
    for (const one of packages) {
      expect(upratePackageSchema.parse(one)).toEqual(one);
      for (const id of one.excludes ?? []) expect(packages.some((other) => other.id === id)).toBe(true);
    }
  });
});

describe('packages on the van with the scooter', () => {
  const { today, judged } = on('british-van-with-scooter');

  it('gain nothing on paper alone, because the rear axle runs out first', () => {
    const paper = find(judged, 'paper');
    expect(paper?.gain.usable).toBeCloseTo(0, 6);
    expect(paper?.costPerKg).toBeNull();
    expect(paper?.gain.after.binding.map(({ id }) => id)).toContain('axle.rear');
  });

  it('say by how much a limit rises on paper, whether it is set to a figure or raised by so much', () => {
    const view = onDay(exampleView('british-van-with-scooter'), '2026-06-01');
    const paper = (...limits: UpratePackage['limits']): UpratePackage => ({
      ...{ id: 'p', name: 'p', kind: 'paper', of: 'vehicle', adds: [], costs: [], currency: 'EUR' },
      limits,
    });
    const nominal = (...limits: UpratePackage['limits']) =>
      judgePackages(view, assess(view), [paper(...limits)])[0]?.nominal;
    // The van is plated 3,300 kg, its rear axle 2,060.
    expect(nominal({ limit: 'vehicleMax', to: 3700 })).toBe(400);
    expect(nominal({ limit: 'vehicleMax', by: 250 })).toBe(250);
    expect(nominal({ limit: 'vehicleMax', to: 3400 }, { limit: 'rearAxleMax', to: 2300 })).toBe(240);
    expect(nominal({ limit: 'vehicleMax', to: 3100 })).toBe(0);
  });

  it('of an empty van say why nothing can be told, and what is then left: no limit is called endless', () => {
    const van = onDay(exampleView('british-van-with-scooter'), '2026-06-01');
    const view = { ...van, loadout: { ...van.loadout, placements: [] } };
    const [one] = judgePackages(view, assess(view), packages);
    expect(one?.gain).toMatchObject({ usable: null, open: 'noPattern' });
    const margins = assess(view).checks.filter(({ id }) => id === 'axle.rear' || id === 'vehicle.max');
    expect(margins.every(({ margin }) => margin !== null && margin > 0)).toBe(true);
    expect(one?.gain.tightest?.margin).toBeGreaterThan(0);
  });

  it('tell apart what is gained only because the parts weigh where weight helps', () => {
    const view = onDay(exampleView('british-van-with-scooter'), '2026-06-01');
    const ahead: UpratePackage = {
      id: 'ahead',
      name: 'ahead',
      kind: 'paper',
      of: 'vehicle',
      limits: [{ limit: 'rearAxleMax', by: 200 }],
      adds: [{ mass: 20, x: -0.5 }],
      costs: [],
      currency: 'EUR',
    };
    const [one] = judgePackages(view, assess(view), [ahead]);
    const [bare] = judgePackages(view, assess(view), [{ ...ahead, adds: [] }]);
    expect(one?.byWeight).toBeGreaterThan(1);
    expect(one?.byWeight).toBeCloseTo((one?.gain.usable ?? 0) - (bare?.gain.usable ?? 0), 6);
    expect(bare?.byWeight).toBe(0);
  });

  it('gain less than they raise, by what they weigh and by the limit that binds next', () => {
    const springs = find(judged, 'airSprings');
    expect(springs?.gain.usable).toBeGreaterThan(50);
    expect(springs?.gain.usable).toBeLessThan(springs?.nominal ?? 0);
    expect(springs?.crossed).toEqual({ up: [3500], down: [] });
  });

  it('stand in the order of what a usable kilogram costs, and none for a trailer is shown', () => {
    const costs = judged.map(({ costPerKg }) => costPerKg ?? Infinity);
    expect(costs).toEqual(costs.toSorted((a, b) => a - b));
    expect(judged.every((one) => one.package.of === 'vehicle')).toBe(true);
    expect(find(judged, 'combination')).toBeUndefined();
  });

  it('stand beside the limits that are in the way, the nearest first', () => {
    const list = inTheWay(today.checks, loadPattern(today.loads));
    expect(list[0]?.check.id).toBe('axle.rear');
    expect(list.map(({ room }) => room)).toEqual(list.map(({ room }) => room).toSorted((a, b) => a - b));
  });
});

describe('packages on the wagon with its caravan', () => {
  const { judged, today } = on('australian-wagon-and-tandem');

  it('for the trailer gain nothing behind a car whose rear axle is over', () => {
    for (const id of ['trailerPaper', 'trailerAxle', 'combination']) {
      const one = find(judged, id);
      expect(one?.gain.usable, id).toBe(0);
      expect(one?.gain.after.kind).toBe('over');
    }
    const list = inTheWay(today.checks, loadPattern(today.loads));
    expect(list[0]?.room).toBeLessThan(0);
    // The pattern lies so far back that the front axle would take tonnes of it.
    expect(list.map(({ check }) => check.id)).not.toContain('axle.front');
  });
});

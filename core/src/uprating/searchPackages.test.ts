import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { applyPackages } from './applyPackage.ts';
import { examplePackages } from './examplePackages.data.ts';
import { placePackage } from './applyPackage.ts';
import { concerns } from './judged.ts';
import { loadPattern } from './loadPattern.ts';
import { searchPackages } from './searchPackages.ts';
import { usableGain } from './usableGain.ts';
import { costOf, type UpratePackage } from './upratePackage.ts';

const packages: readonly UpratePackage[] = examplePackages.map((one) => ({ ...one, name: one.id, currency: 'EUR' }));
const on = (name: Parameters<typeof exampleView>[0]): RigView => onDay(exampleView(name), '2026-06-01');
const van = on('british-van-with-scooter');
const wagon = on('australian-wagon-and-tandem');

/** Every compatible combination, each worked out from the whole rig. */
function everyOne(view: RigView) {
  const usable = packages.filter((one) => concerns(view, one)).map((one) => placePackage(view, one));
  const today = assess(view);
  const pattern = loadPattern(today.loads);
  return Array.from({ length: 2 ** usable.length }, (_, mask) => usable.filter((_one, at) => (mask >> at) & 1))
    .filter((chosen) => !chosen.some((one) => chosen.some(({ id }) => one.excludes?.includes(id))))
    .map((chosen) => {
      const then = assess(applyPackages(view, chosen));
      return {
        cost: chosen.reduce((sum, one) => sum + costOf(one), 0),
        usable: usableGain(today.checks, then.checks, pattern).usable ?? 0,
        legal: then.legal === true,
      };
    });
}

describe('all combinations of packages', () => {
  it.each([
    ['van', van],
    ['wagon', wagon],
  ] as const)('on the %s: the front is what working out every one would find', (_name, view) => {
    const every = everyOne(view);
    const found = searchPackages([view], packages);
    expect(found.tried).toBe(every.length);
    for (const one of found.front) {
      const better = every.filter(({ cost, usable }) => cost <= one.cost && usable > (one.gain.usable ?? 0) + 1);
      expect(better).toEqual([]);
    }
    const most = Math.max(...every.map(({ usable }) => usable));
    expect(Math.max(...found.front.map(({ gain }) => gain.usable ?? 0))).toBeCloseTo(most, 6);
    const cheapest = Math.min(...every.filter(({ legal }) => legal).map(({ cost }) => cost));
    expect(found.cheapestLegal?.cost ?? Infinity).toBe(cheapest);
  });

  it('find nothing to do where all is legal already', () => {
    expect(searchPackages([van], packages).cheapestLegal).toMatchObject({ ids: [], cost: 0, legal: true });
  });

  it('say that none does where none makes every loadout legal', () => {
    const heavy: RigView = {
      ...van,
      loadout: { ...van.loadout, crew: van.loadout.crew.map((one) => ({ ...one, mass: 900 })) },
    };
    expect(searchPackages([van, heavy], packages).cheapestLegal).toBeNull();
  });

  it('say so where nothing known is over and too little is known to call it legal', () => {
    const { vehicle } = van;
    if (!vehicle) throw new Error('no vehicle');
    const plates = vehicle.plates.map((plate) => ({
      ...plate,
      figures: plate.figures.filter(({ limit }) => limit !== 'frontAxleMax'),
    }));
    const found = searchPackages([{ ...van, vehicle: { ...vehicle, plates } }], packages);
    expect(found.cheapestLegal).toBeNull();
    expect(found.cheapestOpen).toMatchObject({ ids: [], cost: 0, legal: null });
  });

  it('make a loadout legal that is over today, by the cheapest that does', () => {
    const laden: RigView = {
      ...van,
      loadout: {
        ...van.loadout,
        placements: van.loadout.placements.map((one) => ({ ...one, count: one.count + 1 })),
      },
    };
    const found = searchPackages([van, laden], packages).cheapestLegal;
    const every = everyOne(laden).filter(({ legal }) => legal);
    expect(found?.cost ?? Infinity).toBe(Math.min(...every.map(({ cost }) => cost)));
  });

  it('can be stopped, and say so', () => {
    const many = Array.from({ length: 12 }, (_, at): UpratePackage => ({
      id: `p${at}`,
      name: 'p',
      kind: 'paper',
      of: 'vehicle',
      limits: [{ limit: 'vehicleMax', by: 10 }],
      adds: [],
      costs: [],
      currency: 'EUR',
    }));
    const found = searchPackages([van], many, () => false);
    expect(found.stopped).toBe(true);
    expect(found.tried).toBeLessThan(4096);
    const cut = searchPackages([van], many, () => true, 50);
    expect(cut).toMatchObject({ stopped: true, tried: 50 });
    expect(searchPackages([van], many.slice(0, 5), () => true, 50)).toMatchObject({ stopped: false, tried: 32 });
  });
});

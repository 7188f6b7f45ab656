import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import { byTheList, onDay, type RigView } from '../loading/rigView.ts';
import type { Vehicle } from '../rig/body.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { made, plateOf } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { assessTicket } from '../weighing/measured.ts';
import { applyPackage, applyPackages } from './applyPackage.ts';
import { fullTrailer } from './fullTrailer.ts';
import { concerns, judgePackages } from './judged.ts';
import { limitsAcross } from './limitsAcross.ts';
import { loadPattern } from './loadPattern.ts';
import { newFindings } from './newFindings.ts';
import { paperReach } from './paperReach.ts';
import { searchPackages } from './searchPackages.ts';
import type { UpratePackage } from './upratePackage.ts';

const van = onDay(exampleView('british-van-with-scooter'), '2026-06-01');
const wagon = onDay(exampleView('australian-wagon-and-tandem'), '2026-06-01');
const one = (patch: Partial<UpratePackage>): UpratePackage => ({
  id: 'one',
  name: 'one',
  kind: 'paper',
  of: 'vehicle',
  limits: [],
  adds: [],
  costs: [{ kind: 'parts', amount: 100, taxIncluded: true }],
  currency: 'EUR',
  ...patch,
});
const vehicle = (view: RigView): Vehicle => {
  if (!view.vehicle) throw new Error('no vehicle');
  return view.vehicle;
};
/** The van on tyres that bear 2 × 1,030 kg at the rear and 2 × 900 at the front. */
const shod: RigView = {
  ...byTheList(van),
  vehicle: {
    ...vehicle(van),
    gear: [
      { id: 'f', axle: 'front', wheels: 2, loadIndex: '104' },
      { id: 'r', axle: 'rear', wheels: 2, loadIndex: '109' },
    ],
  },
};

describe('limits through all loadouts and slips', () => {
  const document = exampleWorkspace('british-van-with-scooter');
  const wanted = viewRig(document, 'sandpiper', 'scooter-three-weeks');
  const [before, laden] = document.tickets;
  if (!wanted || !before || !laden) throw new Error('the example has changed');
  const rows = limitsAcross([
    { id: 'now', checks: assess(van).checks },
    { id: 'wanted', checks: assess(wanted).checks },
    { id: 'slip', checks: assessTicket(van, laden).checks },
  ]);

  // By hand: the slip of September settles 1,886.7 on the rear axle (1,890, and 3,030 beside 1,150); the scooter since, 108 kg at
  // 4.95 m of 3.10, brings 172.5: 2,059.1 of 2,060.
  it('come tightest first, with what is left in each', () => {
    expect(rows[0]?.check.id).toBe('axle.rear');
    expect(rows[0]?.margins.map((margin) => Math.round(margin ?? NaN))).toEqual([1, -126, -10]);
    expect(rows.map(({ least }) => least)).toEqual([...rows.map(({ least }) => least)].sort((a, b) => a - b));
  });

  it('leave out what is nowhere near, and say nothing where a slip does not judge', () => {
    expect(rows.some(({ check }) => check.id === 'axle.front')).toBe(false);
    expect(rows.find(({ check }) => check.rule === 'place.rating')?.margins[2]).toBeNull();
    expect(limitsAcross([])).toEqual([]);
  });
});

describe('how far papers alone could go', () => {
  const reach = (view: RigView) => new Map(paperReach(assess(view).loads).map((row) => [row.limit, row]));

  it('is the axles together for a total, and what tyres bear for an axle', () => {
    expect(reach(van).get('vehicleMax')).toMatchObject({ now: 3300, reach: 3710 });
    expect(reach(van).get('rearAxleMax')).toMatchObject({ now: 2060, reach: null });
    const rear = reach(shod).get('rearAxleMax');
    expect(rear).toMatchObject({ now: 2060, reach: 2060, by: { key: 'gearPart.tyres' } });
    expect(rear?.unseen.map(({ key }) => key)).toEqual(['gearPart.wheels', 'gearPart.springs']);
    expect(reach(shod).get('frontAxleMax')?.reach).toBe(1800);
  });

  it('is for a trailer the weakest of its known parts, and never below its plate', () => {
    const row = reach(wagon).get('trailerMax');
    expect(row?.now).toBe(2750);
    expect(row?.reach).toBeGreaterThan(2750);
    expect(row?.unseen.map(({ key }) => key)).toContain('plateSource.drawbar');
  });
});

describe('car and trailer together', () => {
  const together = (view: RigView) => {
    const today = assess(view);
    return fullTrailer(view, today, loadPattern(today.loads));
  };

  it('a trailer loaded to its plate is worked out in the owner’s own pattern', () => {
    const full = together(wagon);
    expect(full?.plate).toBe(2750);
    const total = assess(wagon).loads.values.trailerTotal;
    expect(full?.more).toBeCloseTo(2750 - (total.kind === 'known' ? total.value : NaN), 6);
    expect(full?.over.map(({ check }) => check.id)).toContain('axle.rear');
  });

  it('a higher plate on the trailer asks more of the car, and the combination stops it', () => {
    const view = made({
      limits: { trailerMax: 1500, trailerAxlesMax: 2500, vehicleMax: 2600, combinationMax: 3400, ballMax: 300 },
    });
    expect(together(view)?.over).toEqual([]);
    const over = together(
      applyPackage(view, one({ of: 'trailer', limits: [{ limit: 'trailerMax', to: 1800 }] })),
    )?.over;
    expect(over?.map(({ check, by }) => [check.id, Math.round(by)])).toEqual([['combination.max', 300]]);
  });

  it('says nothing without a trailer or its plate', () => {
    expect(together(van)).toBeNull();
    expect(together(made({ limits: { vehicleMax: 2600 } }))).toBeNull();
  });
});

describe('tyres as a package', () => {
  const better = one({ id: 'tyres', kind: 'tyres', gear: [{ axle: 'rear', loadIndex: '118' }] });

  it('concern only whoever has described the old ones', () => {
    expect(concerns(van, better)).toBe(false);
    expect(concerns(shod, better)).toBe(true);
    expect(applyPackage(shod, better).vehicle?.gear?.[1]).toMatchObject({ loadIndex: '118', wheels: 2 });
    expect(applyPackage(van, better).vehicle).toEqual(van.vehicle);
  });

  it('gain nothing while the plate stays, and with the plate what they bear', () => {
    const plate = one({
      id: 'plate',
      limits: [
        { limit: 'rearAxleMax', to: 2300 },
        { limit: 'vehicleMax', to: 3700 },
      ],
    });
    const judged = judgePackages(shod, assess(shod), [better, plate]);
    expect(judged.map(({ gain }) => Math.round(gain.usable ?? NaN))).toEqual([0, 0]);
    const found = searchPackages([shod], [better, plate]);
    const both = found.front.at(-1);
    expect(both?.ids).toEqual(['tyres', 'plate']);
    expect(both?.gain.usable).toBeGreaterThan(50);
  });
});

describe('a figure no part bears', () => {
  const found = (view: RigView, all: readonly UpratePackage[]) =>
    newFindings(assess(view).loads, assess(applyPackages(view, all)).loads).map(({ code }) => code);

  it('is told: a total above its axles, an axle above its tyres', () => {
    expect(found(van, [one({ limits: [{ limit: 'vehicleMax', to: 3900 }] })])).toEqual(['axlesBelowTotal']);
    expect(found(van, [one({ limits: [{ limit: 'vehicleMax', to: 3700 }] })])).toEqual([]);
    expect(found(shod, [one({ limits: [{ limit: 'rearAxleMax', to: 2200 }] })])).toEqual(['tyresBelowPlate']);
  });

  it('is told where a plate is tried above what the maker’s chassis bears', () => {
    const technical = plateOf('handbook', 'vehicleTechnicalMax', 3650);
    const stated = { ...van, vehicle: van.vehicle && { ...van.vehicle, plates: [...van.vehicle.plates, technical] } };
    expect(found(stated, [one({ limits: [{ limit: 'vehicleMax', to: 3651 }] })])).toEqual(['plateAboveMaker']);
    expect(found(stated, [one({ limits: [{ limit: 'vehicleMax', to: 3650 }] })])).toEqual([]);
  });

  it('is not told twice where it was so before', () => {
    const already = applyPackage(van, one({ limits: [{ limit: 'vehicleMax', to: 3900 }] }));
    expect(found(already, [one({ limits: [{ limit: 'vehicleMax', to: 4000 }] })])).toEqual([]);
  });
});

describe('a downrate', () => {
  const down = one({ kind: 'downrate', limits: [{ limit: 'vehicleMax', to: 3500 }] });

  it('never raises: it is no concern of what is below it, and changes nothing there', () => {
    expect(concerns(van, down)).toBe(false);
    expect(applyPackage(van, down).vehicle?.plates).toEqual(van.vehicle?.plates);
    expect(concerns(exampleView('german-motorhome'), down)).toBe(true);
  });

  it('costs capacity, and is searched beside what raises', () => {
    const motorhome = onDay(exampleView('german-motorhome'), '2026-06-01');
    const [judged] = judgePackages(motorhome, assess(motorhome), [down]);
    expect(judged?.gain.after).toMatchObject({ kind: 'over' });
    expect(judged?.crossed).toEqual({ up: [], down: [3500] });
    expect(searchPackages([motorhome], [down]).front.map(({ ids }) => ids)).toEqual([[]]);
  });
});

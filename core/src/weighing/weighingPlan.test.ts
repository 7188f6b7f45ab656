import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import weighingCases from '../testing/cases/weighing.json' with { type: 'json' };
import { exampleView } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import type { Combination } from '../scale/combination.ts';
import { fewestReadings, settled } from './fewestReadings.ts';
import { adjust } from '../scale/leastSquares.ts';
import { reconcile } from './reconcile.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';
import { unlistedOn } from './unlisted.ts';
import { readingOf } from '../scale/weighedLoads.ts';
import { scaleKinds, weighingPlan, type WeighingWish } from './weighingPlan.ts';

interface FewestCase {
  readonly id: string;
  readonly title: string;
  readonly given: {
    readonly geometry: { readonly W: number; readonly h: number; readonly A: number };
    readonly readings: readonly Reading[];
    readonly candidates: readonly Reading[];
    readonly want: readonly string[];
  };
  readonly expect: {
    readonly fewest: number;
    readonly sets: readonly (readonly string[])[];
    readonly determined?: readonly string[];
    readonly undetermined?: readonly string[];
  };
}
interface ReconcileCase {
  readonly id: string;
  readonly given: {
    readonly L: number;
    readonly weighed: { readonly near: number; readonly far: number };
    readonly planned: readonly { readonly m: number; readonly x: number }[];
    readonly bodyFrom: number;
    readonly bodyTo: number;
    readonly se: { readonly near: number; readonly far: number };
  };
  readonly expect: Readonly<Record<'unlistedMass' | 'unlistedMass_se', number>> & {
    readonly unlistedMoment?: number;
    readonly x: number | null;
    readonly x_se?: number;
    readonly inside: boolean | null;
  };
}
const fewest = weighingCases.filter((one) => one.asks === 'fewestReadings') as unknown as readonly FewestCase[];
const reconciled = weighingCases.filter((one) => one.asks === 'reconcile') as unknown as readonly ReconcileCase[];
const named: Readonly<Record<string, Combination>> = {
  F: { F: 1 },
  R: { R: 1 },
  B: { B: 1 },
  G: { G: 1 },
  vehicleUncoupled: { F: 1, R: 1 },
  vehicleCoupled: { F: 1, R: 1, B: 1 },
  trailerTotal: { B: 1, G: 1 },
  combinationTotal: { F: 1, R: 1, B: 1, G: 1 },
};
const of = (name: string): Combination => named[name] ?? {};

describe('the fewest further readings', () => {
  it.each(fewest.map((one) => [one.id, one.title, one] as const))('%s %s', (_id, _title, { given, expect: want }) => {
    const { W, h, A } = given.geometry;
    const lengths = { vehicle: { wheelbase: W, couplingOverhang: h }, trailer: { axlePosition: A } };
    const reads = (reading: Reading) => readingOf(lengths, reading) ?? {};
    const known = given.readings.map((reading) => ({ of: reads(reading), value: 0, sigma: 3 }));
    const possible = given.candidates.map((reading) => ({ id: reading.id, of: reads(reading), sigma: 3 }));
    const sets = fewestReadings(known, possible, given.want.map(of));
    expect(new Set(sets.map(({ ids }) => ids.toSorted().join()))).toEqual(
      new Set(want.sets.map((ids) => ids.toSorted().join())),
    );
    expect(sets.every(({ ids }) => ids.length === want.fewest)).toBe(true);
    for (const name of want.determined ?? []) expect(settled(known, [of(name)]), name).toEqual([true]);
    for (const name of want.undetermined ?? []) expect(settled(known, [of(name)]), name).toEqual([false]);
  });

  it('are none where all is settled, and no set where nothing settles it', () => {
    const known = [{ of: { B: 1 }, value: 0, sigma: 1 }];
    expect(fewestReadings(known, [{ id: 'a', of: { F: 1 }, sigma: 1 }], [{ B: 1 }])).toEqual([
      { ids: [], errors: [1] },
    ]);
    expect(fewestReadings([], [{ id: 'a', of: { F: 1 }, sigma: 1 }], [{ B: 1 }])).toEqual([]);
  });

  it('are led by the surest', () => {
    const possible = [
      { id: 'coarse', of: { B: 1 }, sigma: 10 },
      { id: 'fine', of: { B: 1 }, sigma: 1 },
    ];
    expect(fewestReadings([], possible, [{ B: 1 }]).map(({ ids }) => ids[0])).toEqual(['fine', 'coarse']);
  });
});

describe('what is weighed and not listed', () => {
  it.each(reconciled.map((one) => [one.id, one] as const))('%s', (_id, { given, expect: want }) => {
    const planned = given.planned.reduce((sum, { m, x }) => ({ mass: sum.mass + m, moment: sum.moment + m * x }), {
      mass: 0,
      moment: 0,
    });
    const weighed = { ...given.weighed, nearError: given.se.near, farError: given.se.far, span: given.L };
    const found = reconcile(weighed, planned, { from: given.bodyFrom, to: given.bodyTo });
    expect(found.mass).toBeCloseTo(want.unlistedMass, 3);
    expect(found.massError).toBeCloseTo(want.unlistedMass_se, 4);
    if (want.unlistedMoment !== undefined) expect(found.moment).toBeCloseTo(want.unlistedMoment, 3);
    if (want.x === null) expect([found.x, found.xError]).toEqual([null, null]);
    else expect(found.x).toBeCloseTo(want.x, 5);
    if (want.x_se !== undefined) expect(found.xError).toBeCloseTo(want.x_se, 5);
    expect(found.inside).toBe(want.inside);
  });

  it('is found again wherever it was put, and known to be elsewhere when it is outside the body', () => {
    const load = fc.double({ min: 20, max: 400, noNaN: true });
    const at = fc.double({ min: -1, max: 5, noNaN: true });
    fc.assert(
      fc.property(load, at, (mass, x) => {
        const planned = { mass: 2000, moment: 2600 };
        const far = (planned.moment + mass * x) / 2.8;
        const near = planned.mass + mass - far;
        const found = reconcile({ near, far, nearError: 1, farError: 1, span: 2.8 }, planned, { from: -0.9, to: 4 });
        expect(found.mass).toBeCloseTo(mass, 6);
        expect(found.x).toBeCloseTo(x, 6);
        expect(found.inside).toBe(x >= -0.9 && x <= 4 ? true : false);
      }),
    );
  });

  it('is nothing while it is inside what the scale can be off', () => {
    const found = reconcile(
      { near: 1000, far: 1005, nearError: 3, farError: 3, span: 3 },
      { mass: 2000, moment: 3000 },
      null,
    );
    expect(found).toMatchObject({ mass: 5, x: null, xError: null, inside: null });
    const unmeasured = reconcile(
      { near: 1000, far: 1100, nearError: 3, farError: 3, span: 3 },
      { mass: 2000, moment: 3000 },
      null,
    );
    expect(unmeasured).toMatchObject({ x: 3, inside: null });
  });
});

describe('a weighing plan', () => {
  const all: WeighingWish = {
    want: ['frontAxle', 'rearAxle', 'trailerAxles', 'ballLoad'],
    have: ['weighbridge'],
    uncouple: true,
    graduation: 20,
  };
  const wagon = exampleView('australian-wagon-and-tandem');
  const keys = (wish: Partial<WeighingWish>, view = wagon) =>
    weighingPlan(view, { ...all, ...wish }).steps.map((one) => one.stand.key);

  it('takes no more readings than there are unknowns, coupled ones first, and settles all it was asked', () => {
    const plan = weighingPlan(wagon, all);
    expect(plan.steps).toHaveLength(4);
    const states = plan.steps.map((one) => one.stand.state);
    expect(states).toEqual(states.toSorted());
    expect(new Set(plan.steps.flatMap((one) => one.settles))).toEqual(new Set(all.want));
    expect(plan.beyond).toEqual([]);
    for (const name of all.want) expect(plan.reach[name]).toBeGreaterThan(0);
  });

  it('needs one step for one total, and a ball scale for the ball alone', () => {
    expect(keys({ want: ['combination'] })).toEqual(['rigAll']);
    expect(keys({ want: ['ballLoad'], have: ['ballScale'] })).toEqual(['ball']);
    const byScale = weighingPlan(wagon, { ...all, want: ['ballLoad'], have: ['ballScale', 'weighbridge'] });
    expect(byScale.steps.map((one) => [one.stand.key, one.scale])).toEqual([['ball', 'ballScale']]);
    expect(byScale.reach.ballLoad).toBeCloseTo(0.5, 9);
  });

  it('says what cannot be known, and plans the rest', () => {
    const plan = weighingPlan(wagon, {
      ...all,
      want: ['ballLoad', 'trailerAxles'],
      uncouple: false,
      have: ['axlePads'],
    });
    expect(plan.beyond).toEqual(['ballLoad']);
    expect(plan.steps.map((one) => [one.stand.key, one.scale])).toEqual([['rigTrailer', 'axlePads']]);
    expect(weighingPlan(wagon, { ...all, have: [] })).toEqual({ steps: [], reach: {}, beyond: all.want });
  });

  it('goes on from a ticket that was begun', () => {
    const begun = {
      id: 't',
      rig: 'tern-and-saltbush',
      name: 'Slip',
      graduation: 20,
      readings: [
        { id: 'a', state: 'coupled' as const, on: ['front' as const], value: 1300 },
        { id: 'b', state: 'coupled' as const, on: ['rear' as const], value: 1840 },
      ],
    };
    const plan = weighingPlan(wagon, all, begun);
    expect(plan.steps).toHaveLength(2);
    expect(plan.steps.every((one) => !['rigFront', 'rigRear'].includes(one.stand.key))).toBe(true);
  });

  it('of a vehicle or a trailer by itself uncouples nothing', () => {
    expect(keys({ want: ['frontAxle', 'rearAxle'], uncouple: false }, made({ alone: true }))).toHaveLength(2);
    const alone = exampleView('second-hand-caravan-alone');
    expect(keys({ want: ['trailerAxles'], uncouple: false }, alone)).toEqual(['trailerOnStand']);
  });

  it('reaches the error it promises: what its readings then give is as sure as it said', () => {
    const plan = weighingPlan(wagon, { ...all, have: scaleKinds });
    const readings = plan.steps.map(({ stand, scale }) => ({
      stand,
      sigma: { weighbridge: 10, axlePads: 2.5, ballScale: 0.5, propScales: 0.5, hitchScale: 2.5 }[scale],
    }));
    const lengths = { vehicle: { wheelbase: 2.85, couplingOverhang: 1.24 }, trailer: { axlePosition: 4.55 } };
    const { estimate } = adjust(
      readings.map(({ stand, sigma }) => ({
        of: readingOf(lengths, { id: 'x', value: 0, ...stand }) ?? {},
        value: 0,
        sigma,
      })),
    );
    expect(estimate({ B: 1 })?.se).toBeCloseTo(plan.reach.ballLoad ?? NaN, 9);
  });
});

describe('a slip beside the plan', () => {
  const wagon = exampleView('australian-wagon-and-tandem');
  const planned = compile(wagon);
  const { mass, moment } = planned.sums.vehicle;
  const solo = { rear: moment / 2.85, front: mass - moment / 2.85 };
  const reads = (extra: number, at: number): Ticket => ({
    id: 't',
    rig: wagon.rig.id,
    name: 'Slip',
    graduation: 10,
    readings: [
      { id: 'f', state: 'uncoupled', on: ['front'], value: solo.front + extra * (1 - at / 2.85) },
      { id: 'r', state: 'uncoupled', on: ['rear'], value: solo.rear + (extra * at) / 2.85 },
    ],
  });

  it('finds what is in the vehicle and on no list, and says nothing of a trailer nobody weighed', () => {
    const found = unlistedOn(wagon, reads(80, 3.1));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ side: 'vehicle', body: 'tern-wagon', inside: true });
    expect(found[0]?.mass).toBeCloseTo(80, 6);
    expect(found[0]?.x).toBeCloseTo(3.1, 6);
    expect(unlistedOn(wagon, reads(80, 6))[0]?.inside).toBe(false);
    expect(unlistedOn(wagon, reads(2, 1))[0]?.x).toBeNull();
  });

  it('goes by what was on board when it was started, where that was kept', () => {
    const emptied = { ...wagon, loadout: { ...wagon.loadout, placements: [] } };
    const kept = { ...reads(80, 3.1), loadout: wagon.loadout };
    expect(unlistedOn(emptied, kept)[0]?.mass).toBeCloseTo(80, 6);
    expect(unlistedOn(emptied, reads(80, 3.1))[0]?.mass).toBeGreaterThan(200);
  });

  it('is silent where the plan itself is not known', () => {
    const vehicle = { ...wagon.vehicle!, emptyMass: undefined };
    expect(unlistedOn({ ...wagon, vehicle }, reads(80, 3.1))).toEqual([]);
  });
});

describe('scales for the nose', () => {
  const wagon = exampleView('australian-wagon-and-tandem');
  const wish = (have: WeighingWish['have'], uncouple: boolean): WeighingWish => ({
    want: ['ballLoad'],
    have,
    uncouple,
    graduation: 20,
  });

  it('are bathroom scales and a prop where there is nothing better, and only where the trailer may be uncoupled', () => {
    const at = (have: WeighingWish['have']) => weighingPlan(wagon, wish(have, true)).steps.map(({ scale }) => scale);
    expect(at(['propScales'])).toEqual(['propScales']);
    expect(at(['propScales', 'ballScale'])).toEqual(['ballScale']);
    expect(weighingPlan(wagon, wish(['propScales'], false)).beyond).toEqual(['ballLoad']);
  });

  it('are the one in the hitch where the trailer stays coupled', () => {
    const { steps, reach } = weighingPlan(wagon, wish(['hitchScale'], false));
    expect(steps.map(({ stand }) => stand.key)).toEqual(['rigBall']);
    expect(reach.ballLoad).toBeCloseTo(2.5, 9);
  });
});

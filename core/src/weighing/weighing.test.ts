import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { onDay } from '../loading/rigView.ts';
import { compile } from '../loads/compile.ts';
import { gravity } from '../statics/distribution.ts';
import { explain } from '../verdict/explain.ts';
import { exampleView } from '../testing/examples.ts';
import { shown, ticketOf, type Stood } from '../testing/weighed.ts';
import weighingCases from '../testing/cases/weighing.json' with { type: 'json' };
import { sumOf, type Combination } from '../scale/combination.ts';
import { adjust } from '../scale/leastSquares.ts';
import { assessTicket } from './measured.ts';
import { quantityCombinations, suspects, weighingLengths } from '../scale/slipEquations.ts';
import { standOf, stands } from '../scale/stands.ts';
import { readingSigma, type Reading } from '../loading/ticket.ts';
import { readingOf, weighedLoads, type WeighingLengths } from '../scale/weighedLoads.ts';

interface WeighingCase {
  readonly id: string;
  readonly title: string;
  readonly given: {
    readonly geometry: {
      readonly W: number;
      readonly h: number;
      readonly A: number;
      readonly x_j?: number;
      readonly axles?: number;
      readonly equalises?: boolean;
    };
    readonly readings: readonly (Omit<Reading, 'graduation'> & { graduation?: number; sigma?: number })[];
  };
  readonly expect: {
    readonly determined: readonly string[];
    readonly undetermined?: readonly string[];
    readonly estimates: Readonly<Record<string, { readonly value: number; readonly se: number }>>;
    readonly residuals?: Readonly<Record<string, number>>;
    readonly chi2?: number;
    readonly dof?: number;
    readonly suspects?: readonly string[];
  };
  readonly tolerance: { readonly abs: number; readonly rel: number };
}
const cases = weighingCases.filter((one) => one.asks === 'weighing') as unknown as readonly WeighingCase[];

const asked: Readonly<Record<string, Combination>> = {
  F: { F: 1 },
  R: { R: 1 },
  B: { B: 1 },
  G: { G: 1 },
  vehicleUncoupled: { F: 1, R: 1 },
  vehicleCoupled: { F: 1, R: 1, B: 1 },
  trailerTotal: { B: 1, G: 1 },
  combinationTotal: { F: 1, R: 1, B: 1, G: 1 },
};

/** The cases call any one axle of a group `trailerAxle`. */
const inOurWords = (reading: Reading): Reading => ({
  ...reading,
  on: reading.on.map((part) => ((part as string) === 'trailerAxle' ? 'axle1' : part)),
});

describe('worked weighings', () => {
  it.each(cases.map((one) => [one.id, one.title, one] as const))('%s %s', (_id, _title, one) => {
    const { W, h, A, x_j: jockey, axles, equalises } = one.given.geometry;
    const lengths: WeighingLengths = {
      vehicle: { wheelbase: W, couplingOverhang: h },
      trailer: { axlePosition: A, ...(axles === undefined ? {} : { axles }), ...(equalises ? { equalises } : {}) },
      ...(jockey === undefined ? {} : { jockey }),
    };
    const { readings } = one.given;
    const found = adjust(
      readings.map((reading) => ({
        of: readingOf(lengths, inOurWords(reading as Reading)) ?? {},
        value: reading.value,
        sigma: reading.sigma ?? (reading.graduation ?? NaN) / Math.sqrt(12),
      })),
    );
    const near = (got: number | undefined, want: number) =>
      expect(Math.abs((got ?? NaN) - want)).toBeLessThanOrEqual(one.tolerance.abs + one.tolerance.rel * Math.abs(want));
    for (const [name, want] of Object.entries(one.expect.estimates)) {
      const got = name === 'T' ? found.estimate({ tau: gravity }) : found.estimate(asked[name] ?? {});
      near(got?.value, want.value);
      near(got?.se, want.se);
    }
    for (const name of one.expect.undetermined ?? []) expect(found.estimate(asked[name] ?? {}), name).toBeNull();
    readings.forEach((reading, at) => {
      const want = one.expect.residuals?.[reading.id];
      if (want !== undefined) near(found.residuals[at], want);
    });
    if (one.expect.chi2 !== undefined) near(found.chi2, one.expect.chi2);
    const named = suspects(found).map((at) => readings[at]?.id);
    if (one.expect.suspects) expect(new Set(named)).toEqual(new Set(one.expect.suspects));
    if (one.expect.dof !== undefined) expect(found.dof).toBe(one.expect.dof);
  });
});

const today = '2026-06-01';
const rig = (name: Parameters<typeof exampleView>[0]): RigView => onDay(exampleView(name), today);
const german = rig('german-estate-and-caravan');

const allReadings: readonly Stood[] = [
  { state: 'uncoupled', on: ['front'] },
  { state: 'uncoupled', on: ['rear'] },
  { state: 'coupled', on: ['front', 'rear'] },
  { state: 'coupled', on: ['trailer'] },
];

describe('a verdict from a ticket', () => {
  it('is the verdict of the plan where the scale shows exactly what was planned', () => {
    const ticket = ticketOf(
      german,
      allReadings.map((one) => ({ ...one, value: shown(german, one) })),
      0.001,
    );
    const { checks, legal, readings } = assessTicket(german, ticket);
    const planned = compile(german).values;
    for (const id of ['vehicle.max', 'axle.front', 'axle.rear', 'trailer.max', 'trailer.axles', 'ball.max'] as const) {
      const check = checks.find((one) => one.id === id);
      const value = planned[check?.quantity as keyof typeof planned];
      expect(check?.demand, id).toBeCloseTo(value.kind === 'known' ? value.value : NaN, 2);
    }
    expect(legal).toBe(false);
    expect(readings.every(({ residual }) => Math.abs(residual ?? NaN) < 0.01)).toBe(true);
  });

  it('says nothing of what no reading settles, and names a reading as what is missing', () => {
    const { checks, legal } = assessTicket(
      german,
      ticketOf(german, [{ state: 'coupled', on: ['trailer'], value: 1190 }], 10),
    );
    expect(checks.find((one) => one.id === 'trailer.axles')).toMatchObject({ demand: 1190, status: 'within' });
    const total = checks.find((one) => one.id === 'trailer.max');
    expect(total).toMatchObject({ demand: null, status: 'unknown' });
    expect(total?.missing.map((one) => one.code)).toContain('reading');
    expect(legal).toBeNull();
  });

  it('needs no length for what stood on the plate itself', () => {
    const bare: RigView = {
      ...german,
      vehicle: german.vehicle && { ...german.vehicle, geometry: {}, emptyMass: undefined },
      trailer: german.trailer && { ...german.trailer, geometry: { axles: 1 } },
    };
    const { checks } = assessTicket(
      bare,
      ticketOf(bare, [
        { state: 'coupled', on: ['front'], value: 910 },
        { state: 'coupled', on: ['rear'], value: 920 },
        { state: 'coupled', on: ['trailer'], value: 1190 },
      ]),
    );
    const demand = (id: string) => checks.find((one) => one.id === id)?.demand;
    expect(demand('axle.front')).toBeCloseTo(910, 6);
    expect(demand('axle.rear')).toBeCloseTo(920, 6);
    expect(demand('vehicle.max')).toBeCloseTo(1830, 6);
    expect(demand('combination.max')).toBeCloseTo(3020, 6);
    expect(demand('ball.max')).toBeNull();
  });

  it('does not judge what is in places and nobody weighed', () => {
    const { checks } = assessTicket(german, ticketOf(german, []));
    expect(checks.filter((one) => one.quantity === 'place')).toEqual([]);
    expect(checks.find((one) => one.id === 'vehicle.max')?.status).toBe('unknown');
  });

  it('leaves out a reading of wheels this rig has not', () => {
    const van = rig('british-van-with-scooter');
    const { readings } = assessTicket(van, ticketOf(van, [{ state: 'uncoupled', on: ['tag'], value: 100 }]));
    expect(readings[0]?.residual).toBeNull();
  });

  it('reads a trailer by itself from a stand under its coupling', () => {
    const alone = rig('second-hand-caravan-alone');
    const { checks } = assessTicket(
      alone,
      ticketOf(alone, [
        { state: 'uncoupled', support: 'ball', on: ['ball'], value: 70 },
        { state: 'uncoupled', support: 'ball', on: ['trailer'], value: 1010 },
      ]),
    );
    expect(checks.find((one) => one.id === 'trailer.max')?.demand).toBeCloseTo(1080, 6);
    expect(checks.find((one) => one.id === 'ball.max')?.demand).toBeCloseTo(70, 6);
  });
});

describe('the arithmetic of a load that was weighed', () => {
  it('leads from the readings to the load, each counted as often as it says', () => {
    const ticket = ticketOf(
      german,
      [...allReadings, { state: 'coupled', on: ['front'] } satisfies Stood].map((one, at) => ({
        ...one,
        value: shown(german, one) + 3 * at,
      })),
      5,
    );
    const found = assessTicket(german, ticket);
    for (const id of ['ball.max', 'vehicle.max', 'axle.rear', 'trailer.max']) {
      const demand = found.checks.find((one) => one.id === id)?.demand ?? NaN;
      const step = explain(found, id)?.steps.find(({ op }) => op === 'weighted');
      expect(step?.result.value, id).toBeCloseTo(demand, 6);
      expect(step?.operands.every(({ name }) => name.key.startsWith('way.'))).toBe(true);
    }
  });
});

describe('equations of a weighing', () => {
  const lengths = fc.record({
    W: fc.double({ min: 2, max: 4.5, noNaN: true }),
    h: fc.double({ min: 0.3, max: 2, noNaN: true }),
    A: fc.double({ min: 2, max: 7, noNaN: true }),
  });

  it('carry in all states what there is altogether', () => {
    fc.assert(
      fc.property(lengths, fc.boolean(), ({ W, h, A }, bars) => {
        const rigLengths: WeighingLengths = {
          vehicle: { wheelbase: W, couplingOverhang: h },
          trailer: { axlePosition: A },
        };
        const loads = weighedLoads(rigLengths, { state: 'coupled', bars });
        const total = sumOf([1, loads.front], [1, loads.rear], [1, loads.trailer]);
        for (const [name, factor] of Object.entries({ F: 1, R: 1, B: 1, G: 1 }))
          expect(total[name]).toBeCloseTo(factor, 9);
        expect(total['tau'] ?? 0).toBeCloseTo(0, 9);
      }),
    );
  });

  it('recover the loads from readings without noise, to the last gram', () => {
    const load = fc.double({ min: 50, max: 3000, noNaN: true });
    fc.assert(
      fc.property(lengths, load, load, load, load, ({ W, h, A }, F, R, B, G) => {
        const rigLengths: WeighingLengths = {
          vehicle: { wheelbase: W, couplingOverhang: h },
          trailer: { axlePosition: A },
        };
        const truth: Readonly<Record<string, number>> = { F, R, B, G };
        const readings: readonly Stood[] = [...allReadings, { state: 'coupled', on: ['front'] }];
        const found = adjust(
          readings.map((one) => {
            const of = readingOf(rigLengths, { ...one, id: 'x', value: 0 }) ?? {};
            const value = Object.entries(of).reduce((sum, [name, factor]) => sum + factor * (truth[name] ?? 0), 0);
            return { of, value, sigma: 3 };
          }),
        );
        const wanted = quantityCombinations(rigLengths, false);
        expect(found.estimate(wanted.ballLoad)?.value).toBeCloseTo(B, 4);
        expect(found.estimate(wanted.trailerTotal)?.value).toBeCloseTo(B + G, 4);
        expect(found.estimate(wanted.rearAxle)?.value).toBeCloseTo(R + (B * (W + h)) / W, 4);
        expect(found.chi2).toBeLessThan(1e-6);
      }),
    );
  });
});

describe('a slip that contradicts itself', () => {
  it('names the reading that is off, and only that one', () => {
    const right: readonly Stood[] = [
      ...allReadings,
      { state: 'coupled', on: ['front'] },
      { state: 'coupled', on: ['front', 'rear', 'trailer'] },
    ];
    const values = right.map((one) => shown(german, one));
    const wrong = values.map((value, at) => (at === 2 ? value + 120 : value));
    const named = (list: readonly number[]) =>
      assessTicket(
        german,
        ticketOf(
          german,
          right.map((one, at) => ({ ...one, value: list[at] ?? 0 })),
          5,
        ),
      ).readings.flatMap(({ suspect }, at) => (suspect ? [at] : []));
    expect(named(values)).toEqual([]);
    expect(named(wrong)).toEqual([2]);
  });

  it('names the whole set where its readings cannot be told apart', () => {
    const ticket = ticketOf(
      german,
      [
        { state: 'coupled', on: ['trailer'], value: 1100 },
        { state: 'coupled', on: ['trailer'], value: 1200 },
      ],
      10,
    );
    expect(assessTicket(german, ticket).readings.map(({ suspect }) => suspect)).toEqual([true, true]);
  });
});

describe('ways to stand on a scale', () => {
  it.each([
    'german-estate-and-caravan',
    'british-van-with-scooter',
    'second-hand-caravan-alone',
    'pick-up-with-fifth-wheel',
  ] as const)('of %s each weigh something, and are known again', (name) => {
    const view = rig(name);
    const ways = stands(view);
    expect(ways.length).toBeGreaterThan(1);
    for (const way of ways) {
      expect(standOf(way)).toBe(way.key);
      const lengths = { ...weighingLengths(view, compile(view).lengths), jockey: 0.4 };
      expect(readingOf(lengths, { ...way, id: 'x', value: 1 }), way.key).not.toBeNull();
    }
  });

  it('ask a trailer alone for no vehicle, and a fifth wheel for no jockey wheel', () => {
    const keys = (name: Parameters<typeof exampleView>[0]) => stands(rig(name)).map(({ key }) => key);
    expect(keys('second-hand-caravan-alone')).toEqual([
      'ball',
      'trailerOnStand',
      'jockey',
      'trailerOnJockey',
      'trailerWhole',
    ]);
    expect(keys('pick-up-with-fifth-wheel')).not.toContain('jockey');
    expect(keys('british-van-with-scooter')).toEqual(['soloFront', 'soloRear', 'soloVehicle']);
  });

  it('keep apart what held the nose up, and know no name for a mixture', () => {
    expect(standOf({ state: 'uncoupled', on: ['trailer'] })).toBe('trailerOnStand');
    expect(standOf({ state: 'uncoupled', support: 'jockey', on: ['trailer'] })).toBe('trailerOnJockey');
    expect(standOf({ state: 'coupled', on: ['rear', 'trailer'] })).toBeNull();
  });
});

describe('the ± of a reading', () => {
  it('is what a scale in service may be off, two steps above five hundred of them', () => {
    expect(readingSigma(1000, 10)).toBe(5);
    expect(readingSigma(5000, 10)).toBe(5);
    expect(readingSigma(5010, 10)).toBe(10);
    expect(readingSigma(5010, 20)).toBe(10);
  });
});

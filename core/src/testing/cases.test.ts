import { describe, expect, it } from 'vitest';
import { payloadMinimum, publishedPayload } from '../loading/payloadFigures.ts';
import { compile } from '../loads/compile.ts';
import { bareMass, type BasisInput } from '../rig/bareMass.ts';
import { dValueKn, heaviestTrailer } from '../limits/dValue.ts';
import { leastPressure, tyreCapacity } from '../limits/tyreCapacity.ts';
import { weakest } from '../limits/weakest.ts';
import { fullRestoration, gravity } from '../statics/distribution.ts';
import { contributions } from '../uncertainty/contributions.ts';
import { chanceAbove } from '../uncertainty/normal.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { caseView, limitRules, type CaseRig } from './caseRig.ts';
import { ballLoadFromJockey, ballLoadFromPlank } from '../statics/ballScales.ts';
import emptyMassCases from './cases/empty-mass.json' with { type: 'json' };
import geometryCases from './cases/geometry-uncertainty.json' with { type: 'json' };
import hitchCases from './cases/hitch.json' with { type: 'json' };
import trailerCases from './cases/trailer-statics.json' with { type: 'json' };
import tyreCases from './cases/tyres.json' with { type: 'json' };
import uncertaintyCases from './cases/uncertainty.json' with { type: 'json' };
import vehicleCases from './cases/vehicle-statics.json' with { type: 'json' };
import { ballLoadAtHeight } from '../statics/couplingHeight.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { effectiveOverhang, effectiveWheelbase } from '../statics/rigRows.ts';
import { trailerWheelLoads, vehicleWheelLoads } from '../statics/wheelLoads.ts';

interface Case {
  readonly id: string;
  readonly title: string;
  readonly asks: string;
  readonly given: unknown;
  readonly expect: object;
  readonly tolerance: { readonly abs: number; readonly rel: number; readonly keys?: Readonly<Record<string, number>> };
}

/** Everything a statics case may ask for, through a whole document. */
function statics(rig: CaseRig) {
  const compiled = compile(caseView(rig));
  const kg = (name: QuantityName) => {
    const value = compiled.values[name];
    return value.kind === 'known' ? value.value : NaN;
  };
  const vehicle = compiled.sums.vehicle;
  const W = effectiveWheelbase(compiled.lengths) ?? NaN;
  const checks = new Map(runRulebook(compiled).map((check) => [check.id, check.margin]));
  const limits = Object.keys(rig.limits ?? {});
  return {
    W,
    h: effectiveOverhang(compiled.lengths),
    F0: vehicle.mass - vehicle.moment / W,
    R0: vehicle.moment / W,
    R_front: kg('frontAxle'),
    R_rear: kg('rearAxle'),
    R_drive: kg('driveAxle'),
    R_tag: kg('tagAxle'),
    vehicleTotal: kg('vehicleTotal'),
    B: kg('ballLoadTowed'),
    G: kg('trailerAxles'),
    trailerTotal: kg('trailerTotal'),
    combinationTotal: kg('combination'),
    ballPercent: (100 * kg('ballLoad')) / kg('trailerTotal'),
    perTrailerAxle: kg('trailerAxles') / (rig.trailer?.axles ?? 1),
    margins: Object.fromEntries(limits.map((limit) => [limit, checks.get(limitRules[limit] ?? '') ?? null])),
  };
}

function lateral(rig: CaseRig) {
  const found = statics(rig);
  const sides = (masses: readonly { m: number; x: number; y?: number }[] = []) =>
    masses.map(({ m, x, y }) => ({ mass: m, x, y: y ?? 0 }));
  if (rig.trailer) {
    const wheels = trailerWheelLoads(found.G, rig.trailer.track ?? NaN, sides(rig.trailer.masses));
    return { trailerLeft: wheels.left, trailerRight: wheels.right };
  }
  const { trackFront = NaN, trackRear = NaN, masses } = rig.vehicle ?? {};
  const front = vehicleWheelLoads(found.R_front, trackFront, sides(masses), (x) => 1 - x / found.W);
  const rear = vehicleWheelLoads(found.R_rear, trackRear, sides(masses), (x) => x / found.W);
  return { frontLeft: front.left, frontRight: front.right, rearLeft: rear.left, rearRight: rear.right };
}

interface EmptyCase extends BasisInput {
  readonly mass: number;
  readonly fuelDensity?: number;
  readonly max?: number;
  readonly tolerance?: number;
  readonly onBoard?: readonly { readonly m?: number; readonly litres?: number; readonly density?: number }[];
}

function emptyMass(given: EmptyCase) {
  const onBoard = (given.onBoard ?? []).reduce(
    (sum, one) => sum + (one.m ?? (one.litres ?? 0) * (one.density ?? 1)),
    0,
  );
  const published = publishedPayload(given.max ?? NaN, given.mass, given.tolerance ?? NaN);
  return {
    bareMass: bareMass({ ...given, onBoard }),
    payload: published.payload,
    payloadLow: published.low,
    payloadHigh: published.high,
  };
}

const quantityOf: Readonly<Record<string, QuantityName>> = {
  R_front: 'frontAxle',
  R_rear: 'rearAxle',
  B: 'ballLoadTowed',
  G: 'trailerAxles',
  vehicleTotal: 'vehicleTotal',
  trailerTotal: 'trailerTotal',
  combinationTotal: 'combination',
};
const limitQuantity: Readonly<Record<string, QuantityName>> = {
  ballMax: 'ballLoad',
  trailerMax: 'trailerTotal',
  rearAxleMax: 'rearAxle',
  combinationMax: 'combination',
};

function distribution(rig: CaseRig) {
  const on = statics(rig);
  const off = statics({
    ...rig,
    hitch: { rho: 0, ...(rig.hitch?.extension ? { extension: rig.hitch.extension } : {}) },
  });
  const compiled = compile(caseView(rig));
  const ball = compiled.values.ballLoad;
  const undistributed = ball.kind === 'known' ? ball.value : NaN;
  const h = effectiveOverhang(compiled.lengths) ?? NaN;
  const A = rig.trailer?.A ?? NaN;
  const perKg = fullRestoration(h, A);
  return {
    ...on,
    h,
    B_undistributed: undistributed,
    T_full: gravity * undistributed * perKg,
    T: gravity * A * (undistributed - on.B),
    off,
    frontRestoredFraction: (on.R_front - off.R_front) / (on.F0 - off.R_front),
  };
}

function propagate(rig: CaseRig) {
  const compiled = compile(caseView(rig));
  const of = (name: QuantityName) => {
    const value = compiled.values[name];
    if (value.kind !== 'known') return undefined;
    const list = contributions(compiled.points, value.row, value.lengths);
    const id = (one: (typeof list)[number]) => (one.origin === 'thing' ? one.id.replace(/^[a-z]+-/, '') : 'bare');
    const wanted = name === 'rearAxle' || name === 'ballLoadTowed' ? 3 : 0;
    return { value: value.value, sd: value.sigma, top: list.slice(0, wanted).map(id), topShare: list[0]?.share };
  };
  const chances = Object.entries(rig.limits ?? {}).map(([limit, value]) => {
    const load = compiled.values[limitQuantity[limit] ?? 'ballLoad'];
    return [`P:${limit}`, load.kind === 'known' ? chanceAbove(load.value, value, load.sigma) : NaN] as const;
  });
  return {
    ...Object.fromEntries(Object.entries(quantityOf).map(([key, name]) => [key, of(name)])),
    ...Object.fromEntries(chances),
  };
}

/** The name of a source in the cases: whose it is, what, and whether its mass or its place. */
function shareNames(one: ReturnType<typeof contributions>[number]): readonly (readonly [string, number])[] {
  const parts = [
    ['m', one.share * (1 - one.byPlace)],
    ['x', one.share * one.byPlace],
  ] as const;
  const length: Readonly<Record<string, string>> = { wheelbase: 'W', couplingOverhang: 'h', axlePosition: 'A' };
  if (one.origin === 'length') return [[`${one.body}.${length[one.id] ?? one.id}`, one.share]];
  if (one.id === 'emptySplit') return [[`${one.body}.bare.split`, one.share]];
  if (one.id === 'emptyBall') return [[`${one.body}.bare.B`, one.share]];
  const id = one.origin === 'empty' ? 'bare' : one.id.replace(/^[a-z]+-/, '');
  return parts.filter(([, share]) => share > 0).map(([what, share]) => [`${one.body}.${id}.${what}`, share]);
}

function propagateGeometry(rig: CaseRig) {
  const compiled = compile(caseView(rig));
  return Object.fromEntries(
    Object.entries(quantityOf).map(([key, name]) => {
      const value = compiled.values[name];
      if (value.kind !== 'known') return [key, undefined];
      const list = contributions(compiled.points, value.row, value.lengths);
      return [key, { value: value.value, sd: value.sigma, shares: Object.fromEntries(list.flatMap(shareNames)) }];
    }),
  );
}

type Height = Record<'stiffnessPerAxle' | 'spread' | 'A' | 'couplingRise' | 'B_level' | 'trailerTotal' | 'k', number>;

function couplingHeight(given: Height) {
  const found = ballLoadAtHeight({
    stiffnessPerAxle: given.k,
    axles: 2,
    spread: given.spread,
    axlePosition: given.A,
    couplingRise: given.couplingRise,
    levelBallLoad: given.B_level,
    trailerTotal: given.trailerTotal,
  });
  return {
    K: found.pitchStiffnessNmPerRad,
    theta: found.noseDownRad,
    B: found.ballLoad,
    G: found.trailerAxles,
    axleLoads: found.axleLoads,
  };
}

/** One adapter for each question the cases ask. */
const adapters: Readonly<Record<string, (given: never) => object>> = {
  statics,
  'statics+limits': statics,
  'statics: trailer total, axle load, ball load': statics,
  lateral,
  jockey: (given: { J: number; x_j: number; A: number }) => ({ B: ballLoadFromJockey(given.J, given.x_j, given.A) }),
  plank: (given: { S: number; S_plank: number; a: number; b: number }) => ({
    B: ballLoadFromPlank(given.S, given.S_plank, given.a, given.b),
  }),
  couplingHeight,
  distribution,
  dValue: (given: { vehicleMax: number; trailerMax: number; plates: readonly { id: string; D: number }[] }) => {
    const D = dValueKn(given.vehicleMax, given.trailerMax);
    const chain = weakest(given.plates.map(({ id, D: rating }) => ({ id, rating })));
    return {
      D,
      plate: chain?.rating,
      governing: chain?.governing.map((one) => one.id),
      within: D !== null && D <= (chain?.rating ?? 0),
      maxTrailer: heaviestTrailer(chain?.rating ?? 0, given.vehicleMax),
    };
  },
  dValueMaxTrailer: (given: { D: number; vehicleMax: number }) => ({
    maxTrailer: heaviestTrailer(given.D, given.vehicleMax),
  }),
  tyreCapacity: (given: { loadIndex: string; fitment: string; wheels: number; load: number }) => {
    const found = tyreCapacity(given.loadIndex, given.fitment === 'dual', given.wheels);
    const capacity = found?.capacity ?? NaN;
    return {
      ...found,
      margin: capacity - given.load,
      usedPercent: (100 * given.load) / capacity,
      within90: given.load <= (found?.reserve90 ?? NaN),
    };
  },
  inflation: (given: { load: number; capacity: number; p_ref: number; p_min: number }) => {
    const p = leastPressure(given.load, given.capacity, given.p_ref, given.p_min);
    return { p, status: (p ?? 0) > given.p_min ? 'computed' : 'least' };
  },
  chain: (given: { parts: readonly { id: string; rating: number }[] }) => {
    const found = weakest(given.parts);
    return {
      governing: found?.governing.map((one) => one.id),
      rating: found?.rating,
      next: found?.next.map((one) => one.id),
      gap: found?.gap,
    };
  },
  propagate,
  propagateGeometry,
  exceed: (given: { demand: number; limit: number; sigma: number }) => ({
    probability: chanceAbove(given.demand, given.limit, given.sigma),
  }),
  bareMass: emptyMass,
  payloadMinimum: (given: { n: number; L: number; payload: number }) => payloadMinimum(given.n, given.L, given.payload),
};

function agree(got: unknown, want: unknown, tolerance: Case['tolerance'], path: string): void {
  if (typeof want === 'number') {
    const off = Math.abs((got as number) - want);
    const own = tolerance.keys?.[path.slice(path.indexOf('.') + 1)];
    expect(off, `${path}: got ${String(got)}, want ${want}`).toBeLessThanOrEqual(
      (own ?? tolerance.abs) + tolerance.rel * Math.abs(want),
    );
  } else if (typeof want === 'object' && want !== null) {
    for (const [key, value] of Object.entries(want)) {
      agree((got as Record<string, unknown>)[key], value, tolerance, `${path}.${key}`);
    }
  } else expect(got, path).toBe(want);
}

const all: readonly Case[] = [
  ...trailerCases,
  ...vehicleCases,
  ...emptyMassCases,
  ...geometryCases,
  ...hitchCases,
  ...tyreCases,
  ...uncertaintyCases,
] as readonly Case[];

describe('worked cases', () => {
  it.each(all.map((one) => [one.id, one.title, one] as const))('%s %s', (_id, _title, one) => {
    const adapter = adapters[one.asks];
    expect(adapter, `nothing answers "${one.asks}"`).toBeDefined();
    expect.hasAssertions();
    agree(adapter?.(one.given as never), one.expect, one.tolerance, one.id);
  });
});

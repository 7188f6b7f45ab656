import { describe, expect, it } from 'vitest';
import { payloadMinimum, publishedPayload } from '../loading/payloadFigures.ts';
import { compile } from '../loading/compile.ts';
import { bareMass, type BasisInput } from '../rig/bareMass.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { ballLoadFromJockey, ballLoadFromPlank } from './ballScales.ts';
import emptyMassCases from './cases/empty-mass.json' with { type: 'json' };
import trailerCases from './cases/trailer-statics.json' with { type: 'json' };
import vehicleCases from './cases/vehicle-statics.json' with { type: 'json' };
import { ballLoadAtHeight } from './couplingHeight.ts';
import type { QuantityName } from './rigRows.ts';
import { effectiveWheelbase } from './rigRows.ts';
import { trailerWheelLoads, vehicleWheelLoads } from './wheelLoads.ts';

interface Case {
  readonly id: string;
  readonly title: string;
  readonly asks: string;
  readonly given: unknown;
  readonly expect: object;
  readonly tolerance: { readonly abs: number; readonly rel: number };
}

const limitRules: Readonly<Record<string, string>> = {
  vehicleMax: 'vehicle.max',
  frontAxleMax: 'axle.front',
  rearAxleMax: 'axle.rear',
  combinationMax: 'combination.max',
  towBraked: 'tow.braked',
  trailerMax: 'trailer.max',
  trailerAxlesMax: 'trailer.axles',
  ballMax: 'ball.max',
};

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
    h: (compiled.lengths.wheelbase ?? 0) + (compiled.lengths.couplingOverhang ?? 0) - W,
    F0: vehicle.mass - vehicle.moment / W,
    R0: vehicle.moment / W,
    R_front: kg('frontAxle'),
    R_rear: kg('rearAxle'),
    R_drive: kg('driveAxle'),
    R_tag: kg('tagAxle'),
    vehicleTotal: kg('vehicleTotal'),
    B: kg('ballLoad'),
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

type Height = Record<'stiffnessPerAxle' | 'spread' | 'A' | 'couplingRise' | 'B_level' | 'trailerTotal' | 'k', number>;

function couplingHeight(given: Height) {
  const found = ballLoadAtHeight({
    stiffnessPerAxle: given.k,
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
  bareMass: emptyMass,
  payloadMinimum: (given: { n: number; L: number; payload: number }) => payloadMinimum(given.n, given.L, given.payload),
};

function agree(got: unknown, want: unknown, tolerance: Case['tolerance'], path: string): void {
  if (typeof want === 'number') {
    const off = Math.abs((got as number) - want);
    expect(off, `${path}: got ${String(got)}, want ${want}`).toBeLessThanOrEqual(
      tolerance.abs + tolerance.rel * Math.abs(want),
    );
  } else if (typeof want === 'object' && want !== null) {
    for (const [key, value] of Object.entries(want)) {
      agree((got as Record<string, unknown>)[key], value, tolerance, `${path}.${key}`);
    }
  } else expect(got, path).toBe(want);
}

const all: readonly Case[] = [...trailerCases, ...vehicleCases, ...emptyMassCases];

describe('worked cases', () => {
  it.each(all.map((one) => [one.id, one.title, one] as const))('%s %s', (_id, _title, one) => {
    const adapter = adapters[one.asks];
    expect(adapter, `nothing answers "${one.asks}"`).toBeDefined();
    expect.hasAssertions();
    agree(adapter?.(one.given as never), one.expect, one.tolerance, one.id);
  });
});

import { describe, expect, it } from 'vitest';
import cases from '../testing/cases/best-estimate.json' with { type: 'json' };
import { verbatim } from '../messages/message.ts';
import type { Combination } from '../scale/combination.ts';
import { adjust } from '../scale/leastSquares.ts';
import type { Reading } from '../loading/ticket.ts';
import { readingOf, weighedLoads, type WeighingLengths } from '../scale/weighedLoads.ts';
import { sumOf } from '../scale/combination.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import { bestEstimate, type Asked } from './bestEstimate.ts';
import { ofEnds, type BodyState } from './bodyLoads.ts';
import { changesBetween, effectOn, effectsOf, type Change } from './changes.ts';
import { sigmaOf, type Known } from './known.ts';
import { ends, rowOf, type Levers, type Slip } from './slipToday.ts';
import { unlistedOf } from './underTotal.ts';

interface CaseChange {
  readonly id: string;
  readonly body: Side;
  readonly dm: number;
  readonly x?: number;
  readonly sigma_m?: number;
  readonly sigma_x?: number;
}
type CaseReading = Pick<Reading, 'id' | 'state' | 'on' | 'value'> & { readonly graduation: number };
interface Case {
  readonly id: string;
  readonly title: string;
  readonly given: {
    readonly geometry: { W: number; h: number; A: number; reach?: Record<Side, [number, number]> };
    readonly readings: readonly CaseReading[];
    readonly changes?: readonly CaseChange[];
    readonly older?: readonly { readonly readings: readonly CaseReading[]; readonly changes?: readonly CaseChange[] }[];
    readonly planned?: Partial<Record<Side, readonly { id: string; m: number; x: number }[]>>;
  };
  readonly expect: Record<string, number | { value: number | null; sd?: number; by: string | null }>;
  readonly tolerance: { abs: number; rel: number };
}

const load = (side: Side, id: string, mass: number, x: number | null, sigma = 0, sigmaX = 0): PointLoad => ({
  side,
  body: side,
  origin: 'thing',
  id,
  name: verbatim(id),
  mass,
  sigma,
  x,
  sigmaX,
});

const changeOf = ({ id, body, dm, x, sigma_m, sigma_x }: CaseChange): Change => ({
  key: id,
  side: body,
  now: load(body, id, dm, x ?? null, sigma_m, sigma_x),
});

function slipOf(lengths: WeighingLengths, readings: readonly CaseReading[], changes: readonly CaseChange[] = []): Slip {
  const sigmas = readings.map(({ graduation }) => graduation / Math.sqrt(12));
  const { estimate } = adjust(
    readings.map((one, at) => ({ of: readingOf(lengths, one) ?? {}, value: one.value, sigma: sigmas[at] ?? 0 })),
  );
  return { estimate, sigmas, suspects: [], changes: changes.map(changeOf), unsure: false, coupledAlike: true };
}

function solved({ given }: Case) {
  const { W, h, A, reach } = given.geometry;
  const lengths: WeighingLengths = { vehicle: { wheelbase: W, couplingOverhang: h }, trailer: { axlePosition: A } };
  const at = (side: Side) => (reach ? { from: reach[side][0], to: reach[side][1] } : null);
  const levers: Levers = {
    span: { vehicle: W, trailer: A },
    reaches: { vehicle: at('vehicle'), trailer: at('trailer') },
  };
  const listed = (side: Side) => given.planned?.[side]?.map(({ id, m, x }) => load(side, id, m, x)) ?? null;
  const planned = (side: Side): BodyState => {
    const list = listed(side);
    const of = (name: string): Known | null => {
      const effect =
        list && effectOn(effectsOf(changesBetween([], list), levers.reaches), rowOf({ [name]: 1 }, levers));
      return effect && { ...effect, by: 'planned', slips: new Set(), contradicted: false, unsure: false };
    };
    const [near, far] = [of(ends[side].near), of(ends[side].far)];
    return near && far ? ofEnds(near, far) : { near, far, sum: null };
  };
  const slips = [given, ...(given.older ?? [])].map(({ readings, changes }) => slipOf(lengths, readings, changes));
  const towed = weighedLoads(lengths, { state: 'coupled' });
  const asked: Readonly<Record<string, Combination>> = {
    F: { F: 1 },
    R: { R: 1 },
    B: { B: 1 },
    G: { G: 1 },
    vehicleUncoupled: { F: 1, R: 1 },
    vehicleCoupled: { F: 1, R: 1, B: 1 },
    trailerTotal: { B: 1, G: 1 },
    combinationTotal: { F: 1, R: 1, B: 1, G: 1 },
    R_front: towed.front,
    R_rear: sumOf([1, towed.rear]),
  };
  const of = Object.fromEntries(
    Object.entries(asked).map(([name, sum]): [string, Asked] => [name, { of: sum, row: rowOf(sum, levers) }]),
  );
  const found = bestEstimate(
    {
      slips,
      levers,
      listedOn: (_slip, side) => listed(side),
      towed: { near: of['R_front']!, far: of['R_rear']!, sum: of['vehicleCoupled']!, all: of['combinationTotal']! },
      planned: { vehicle: planned('vehicle'), trailer: planned('trailer') },
    },
    Object.values(of),
  );
  const unlisted = (side: Side) => {
    const [list, newest] = [listed(side), slips[0]];
    return (list && newest && unlistedOf(side, 0, newest, list, levers)?.value) ?? null;
  };
  const loads = Object.fromEntries(Object.entries(of).map(([name, one]) => [name, found.of(one)]));
  return { loads, unlisted };
}

describe('worked cases of the best estimate', () => {
  it.each((cases as unknown as readonly Case[]).map((one) => [one.id, one.title, one] as const))(
    '%s %s',
    (_id, _title, one) => {
      const { loads, unlisted } = solved(one);
      const near = (got: number, want: number, what: string) =>
        expect(Math.abs(got - want), `${what}: ${String(got)}, not ${String(want)}`).toBeLessThanOrEqual(
          one.tolerance.abs + one.tolerance.rel * Math.abs(want),
        );
      for (const [name, want] of Object.entries(one.expect)) {
        if (typeof want === 'number') {
          near(unlisted(name === 'unlisted_vehicle' ? 'vehicle' : 'trailer') ?? NaN, want, name);
          continue;
        }
        const got = loads[name];
        expect(got === null ? null : got?.by, name).toBe(want.by);
        if (!got || want.value === null) continue;
        near(got.value, want.value, name);
        near(sigmaOf(got), want.sd ?? NaN, `± of ${name}`);
      }
    },
  );
});

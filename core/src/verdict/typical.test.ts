import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { withTypical } from '../loading/typical.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { assess } from './assess.ts';
import type { Check } from '../checks/check.ts';

type Owned = Vehicle | Trailer;
type Roll = () => number;

/** Facts of a body that somebody may not know, taken away at random; and its plates made tighter or wider. */
function forgotten<Body extends Owned>(body: Body | undefined, roll: Roll): Body | undefined {
  if (!body) return undefined;
  const spared = structuredClone(body) as Body & Owned;
  const forget = (holder: object, ...keys: string[]) => {
    for (const key of keys) if (roll() < 0.5) delete (holder as Record<string, unknown>)[key];
  };
  spared.typical = true;
  forget(
    spared.geometry,
    'wheelbase',
    'couplingOverhang',
    'axlePosition',
    'rearOverhang',
    'drawbarLength',
    'bodyLength',
  );
  if (spared.emptyMass && 'ballLoad' in spared.emptyMass) forget(spared.emptyMass, 'ballLoad');
  if (spared.kind === 'vehicle' && spared.emptyMass && roll() < 0.5) {
    const { frontAxle = 0, rearAxle = 0, total, ...rest } = spared.emptyMass;
    spared.emptyMass = { ...rest, total: total ?? frontAxle + rearAxle };
  }
  for (const part of [...spared.tanks, ...spared.places]) forget(part, 'x');
  if (spared.kind === 'vehicle') for (const seat of spared.seats) forget(seat, 'x');
  for (const { figures } of spared.plates) for (const figure of figures) figure.value *= 0.85 + 0.3 * roll();
  return spared;
}

/** A number of a normal distribution, out of two even ones (Box and Muller). */
const normal = (roll: Roll): number => Math.sqrt(-2 * Math.log(1 - roll())) * Math.cos(2 * Math.PI * roll());

/** One of the rigs that the ranges stand for: each fact that was taken as usual is so much in truth, and known. */
function truth(view: RigView, roll: Roll): RigView {
  const usual = withTypical(view);
  const known = (body: string, fact: string) => !usual.typical?.facts.has(`${body}/${fact}`);
  const drawn = (middle: number, plusMinus: number) => middle + (plusMinus / 2) * normal(roll);
  const exact = <Body extends Owned>(filled: Body | undefined): Body | undefined => {
    if (!filled) return undefined;
    const body = structuredClone(filled) as Body & Owned;
    delete body.typical;
    const { geometry } = body;
    const lengths = geometry as Record<string, number> & { plusMinus?: Record<string, number> };
    for (const name of ['wheelbase', 'couplingOverhang', 'axlePosition']) {
      if (known(body.id, name)) continue;
      lengths[name] = drawn(lengths[name] ?? 0, lengths.plusMinus?.[name] ?? 0);
      delete lengths.plusMinus?.[name];
    }
    const { emptyMass } = body;
    if (body.kind === 'vehicle' && emptyMass && !known(body.id, 'emptyAxles')) {
      const { frontAxle = 0, splitPlusMinus = 0, ...rest } = body.emptyMass ?? { basis: 'kerb', source: 'other' };
      body.emptyMass = { ...rest, frontAxle: drawn(frontAxle, splitPlusMinus) };
    }
    if (body.kind === 'trailer' && !known(body.id, 'emptyBallLoad') && body.emptyMass) {
      const { ballLoad = 0, ballLoadPlusMinus = 0, ...rest } = body.emptyMass;
      body.emptyMass = { ...rest, ballLoad: drawn(ballLoad, ballLoadPlusMinus) };
    }
    for (const part of [...body.tanks, ...body.places, ...(body.kind === 'vehicle' ? body.seats : [])]) {
      if (known(body.id, part.id)) continue;
      part.x = drawn(part.x ?? 0, part.xPlusMinus ?? 0);
      delete part.xPlusMinus;
    }
    return body;
  };
  return { ...view, vehicle: exact(usual.vehicle), trailer: exact(usual.trailer) };
}

const decided = ({ status }: Check) => status === 'within' || status === 'tight' || status === 'over';

describe('what is usual, taken where nobody has said', () => {
  it('decides a check only where 97 of 100 such rigs are so, and leaves the others open for a reason', () => {
    // Rigs of a fixed seed: a share of them is asked about, which by chance alone would now and then be missed.
    const seeds = fc.sample(fc.integer(), { numRuns: 2000, seed: 20261127 });
    const wholes = exampleNames.map((name) => onDay(exampleView(name), '2026-06-01'));
    let [right, wrong, open] = [0, 0, 0];
    seeds.forEach((seed, at) => {
      let state = seed >>> 0;
      const roll = () => (state = (Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) >>> 0) / 2 ** 32;
      for (let warm = 0; warm < 5; warm += 1) roll();
      const whole = wholes[at % wholes.length];
      if (!whole) throw new Error('no rig');
      const sparse = { ...whole, vehicle: forgotten(whole.vehicle, roll), trailer: forgotten(whole.trailer, roll) };
      const real = new Map(assess(truth(sparse, roll)).checks.map((check) => [check.id, check]));
      for (const check of assess(sparse).checks) {
        if (!check.typical) continue;
        const { margin } = real.get(check.id) ?? { margin: null };
        if (decided(check) && margin !== null) {
          if (check.status === 'over' ? margin < 0 : margin >= 0) right += 1;
          else wrong += 1;
        } else if (check.status === 'unknown' && check.demand !== null) {
          open += 1;
          expect(check.missing.length, check.id).toBeGreaterThan(0);
          if (check.limit === null || check.quantity === 'counted') continue;
          // Shown as a range, it lies on both sides of its limit; a share's margin has a ± of its own.
          if (check.sense === 'max' && !['ball.share', 'tow.ratio'].includes(check.rule)) {
            expect(Math.abs(check.demand - check.limit), check.id).toBeLessThanOrEqual(2 * (check.sigma ?? 0));
          }
        }
      }
    });
    expect(right + wrong).toBeGreaterThan(3000);
    expect(open).toBeGreaterThan(1000);
    expect(right / (right + wrong)).toBeGreaterThan(0.97);
  });
});

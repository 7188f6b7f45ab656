import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { ballShare } from '../loads/ballShare.ts';
import { assess } from '../verdict/assess.ts';
import { byTheList } from '../loading/rigView.ts';
import { verdictFrom } from '../weighing/verdictFrom.ts';
import type { KnownFigure } from './knownFigures.ts';
import { addKnownRig, type KnownRig, type KnownTrailer } from './startRig.ts';

const pound = 0.45359237;
const kg = (value: number): KnownFigure => ({ value, typed: `${value}` });
const lb = (value: number): KnownFigure => ({ value: value * pound, typed: `${value} lb` });
const plain: KnownRig = { build: 'car', country: 'AU', vehicle: null, trailer: null, today: '2026-11-27' };

/** The rig as it is kept and read again, and the verdict drawn from what is best known. */
function started(known: Partial<KnownRig>) {
  let n = 0;
  const tools = { newId: () => `id-${(n += 1)}`, word: (message: { key: string }) => message.key };
  const made = addKnownRig(emptyWorkspace('w', 'w'), { ...plain, ...known }, tools);
  const read = readParsed(JSON.parse(JSON.stringify(made.workspace)));
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const view = viewRig(read.workspace, made.rigId)!;
  const plan = assess(byTheList(view));
  const { assessment } = verdictFrom(view, read.workspace.tickets, 'known');
  const margin = (id: string) => assessment.checks.find((check) => check.id === id)?.margin;
  const load = (name: keyof typeof assessment.loads.values) => {
    const value = assessment.loads.values[name];
    return value.kind === 'known' ? value.value : value.kind;
  };
  return { view, plan, assessment, margin, load };
}
const trailer = (known: Partial<KnownTrailer>): Partial<KnownRig> => ({ trailer: { limits: {}, ...known } });

describe('a rig from the few figures that somebody has', () => {
  const plates = { trailerMax: kg(2350), trailerAxlesMax: kg(2200) };
  it.each([
    [2350, 211.5, 2138.5, 0, 61.5],
    [2500, 225, 2275, -150, -75],
  ])('a trailer loaded to %d with 9 %% on the coupling', (total, ball, axles, left, axlesLeft) => {
    const { load, margin } = started(trailer({ limits: plates, total: kg(total), ballShare: 0.09 }));
    expect(load('ballLoad')).toBeCloseTo(ball, 9);
    expect(load('trailerAxles')).toBeCloseTo(axles, 9);
    expect(margin('trailer.max')).toBeCloseTo(left, 9);
    expect(margin('trailer.axles')).toBeCloseTo(axlesLeft, 9);
  });

  it('a dry mass, a plate and a hitch weight in pounds leave 1,130 lb, with the brochure’s load on the hitch', () => {
    const { margin, load, assessment } = started(
      trailer({ limits: { trailerMax: lb(4850) }, empty: lb(3720), emptyBall: lb(410), basis: 'dry' }),
    );
    expect((margin('trailer.max') ?? NaN) / pound).toBeCloseTo(1130, 6);
    expect(Number(load('ballLoad')) / pound).toBeCloseTo(410, 6);
    expect(assessment.sentence.key).toMatch(/^verdict\.knownBut/);
  });

  it('a van on one plate of a scale has 490 left under its plate, from the slip, though nobody knows what it weighs empty', () => {
    const { margin, assessment, plan } = started({
      country: 'GB',
      build: 'van',
      vehicle: { limits: { vehicleMax: kg(3300) }, weighed: kg(2810) },
    });
    expect(plan.checks.find(({ id }) => id === 'vehicle.max')?.demand).toBeNull();
    expect(assessment.loads.from).toBe('state');
    expect(margin('vehicle.max')).toBeCloseTo(490, 6);
    expect(assessment.sentence.params?.['left']).toMatchObject({ value: expect.closeTo(490, 6) as number });
  });

  it('a caravan of 1,180 with its nose at 71 is at 6.0 %, within limits of 80 and 100', () => {
    const { assessment, margin } = started({
      country: 'GB',
      vehicle: { limits: { ballMax: kg(100) } },
      trailer: { limits: { ballMax: kg(80) }, total: kg(1180), ballLoad: kg(71) },
    });
    expect((100 * (ballShare(assessment.loads) ?? NaN)).toFixed(1)).toBe('6.0');
    expect(margin('ball.max')).toBeCloseTo(9, 9);
    expect(assessment.checks.find(({ id }) => id === 'ball.shareHigh')?.status).toBe('within');
  });

  it('a car by its brochure with people and luggage knows its total without a length', () => {
    const { margin, load } = started({
      country: 'DE',
      vehicle: {
        limits: { vehicleMax: kg(1980) },
        empty: kg(1500),
        basis: 'running-order',
        people: kg(220),
        luggage: kg(60),
      },
    });
    // The running order has its driver of 75 kg in it: 1,500 − 75 + 220 + 60; its fuel stays where it is.
    expect(load('vehicleTotal')).toBeCloseTo(1705, 9);
    expect(margin('vehicle.max')).toBeCloseTo(275, 9);
    expect(load('rearAxle')).toBe('unknown');
  });

  it('a sticker of 1,290 lb is full with people of 640 lb and 650 lb on the ball', () => {
    const { margin, assessment } = started({
      vehicle: { limits: { payloadStated: lb(1290) }, people: lb(640) },
      trailer: { limits: {}, ballLoad: lb(650) },
    });
    const sticker = assessment.checks.find(({ id }) => id === 'vehicle.cargo');
    expect((sticker?.demand ?? NaN) / pound).toBeCloseTo(1290, 6);
    expect(margin('vehicle.cargo')).toBeCloseTo(0, 6);
    expect(sticker?.status).not.toBe('over');
  });

  it('with nothing at all is a rig of which nothing is known', () => {
    const { assessment } = started({ vehicle: { limits: {} }, trailer: { limits: {} } });
    expect(assessment.mark).toBe('undecided');
    expect(assessment.checks.every(({ status }) => status === 'unknown' || status === 'notApplicable')).toBe(true);
  });
});

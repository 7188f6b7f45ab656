import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { journeyStops } from '../rulebook/journey.ts';
import { compile } from '../loads/compile.ts';
import { made, plateOf, weightless } from '../testing/matrixRigs.ts';
import { exampleView } from '../testing/examples.ts';
import { ticketOf, type Stood } from '../testing/weighed.ts';
import { belowEmpty } from './belowEmpty.ts';
import { assessTicket } from './measured.ts';

type Read = Stood & { readonly value: number };
const checkOf = (view: RigView, id: string, readings: readonly Read[], graduation = 1) =>
  assessTicket(view, ticketOf(view, readings, graduation)).checks.find((check) => check.id === id);
const pounds = 0.45359237;

describe('a slip with little on it', () => {
  it('of the ball load alone judges no share of a trailer that nobody weighed', () => {
    const view = made({ limits: { ballMax: 100 } });
    const ball: Read = { state: 'uncoupled', support: 'ball', on: ['ball'], value: 72 };
    for (const id of ['ball.shareHigh', 'ball.shareLow']) {
      expect(checkOf(view, id, [ball])).toMatchObject({ status: 'unknown', limit: null, margin: null });
    }
    expect(checkOf(view, 'ball.max', [ball])).toMatchObject({ status: 'within', margin: 28 });
  });

  it('of the whole trailer unhitched, jockey wheel on the plate, is the trailer: no length is asked for', () => {
    const lengthless = (view: RigView): RigView => ({
      ...view,
      trailer: view.trailer && { ...view.trailer, geometry: { axles: 1 } },
    });
    const view = lengthless(weightless(made({ limits: { trailerMax: 1000 } })));
    const all: Read = { state: 'uncoupled', support: 'jockey', on: ['trailer', 'jockey'], value: 990 };
    expect(checkOf(view, 'trailer.max', [all])?.margin).toBeCloseTo(10, 9);
    // The axles alone beside the jockey wheel are less than the trailer: they do not make it.
    const axles: Read = { ...all, on: ['trailer'], value: 930 };
    expect(checkOf(view, 'trailer.max', [axles])?.status).toBe('unknown');
    // With what the nose shows on a stand, axles and ball are known too.
    const nose: Read = { state: 'uncoupled', support: 'ball', on: ['ball'], value: 80 };
    expect(checkOf(view, 'trailer.axles', [all, nose])?.demand).toBeCloseTo(910, 9);
  });
});

describe('what a scale showed', () => {
  // Rear axle rated 3,900 lb, read at 3,970: 70 lb too much.
  const view = made({ vehicle: { plates: [plateOf('vehiclePlate', 'rearAxleMax', 3900 * pounds)] } });
  const hitched = (distributionAllowed?: 'yes'): RigView => ({
    ...view,
    rig: { ...view.rig, hitch: { distribution: { kind: 'fraction', fraction: 1 }, distributionAllowed } },
  });
  const pass: Read[] = [
    { state: 'coupled', on: ['front'], value: 3100 * pounds },
    { state: 'coupled', on: ['rear'], value: 3970 * pounds },
    { state: 'coupled', on: ['trailer'], value: 6100 * pounds },
  ];

  it('stays judged as it was shown when a distribution hitch is declared afterwards', () => {
    for (const rig of [view, hitched(), hitched('yes')]) {
      const rear = checkOf(rig, 'axle.rear', pass);
      expect(rear?.status).toBe('over');
      expect((rear?.margin ?? 0) / pounds).toBeCloseTo(-70, 6);
    }
  });

  it('with the bars on is judged with the bars on, declared or not', () => {
    const on = pass.map((reading) => ({ ...reading, bars: true }));
    for (const rig of [view, hitched()]) {
      expect((checkOf(rig, 'axle.rear', on)?.margin ?? 0) / pounds).toBeCloseTo(-70, 6);
    }
  });
});

describe('readings that contradict each other', () => {
  const solo: Read[] = [
    { state: 'uncoupled', on: ['front'], value: 1000 },
    { state: 'uncoupled', on: ['rear'], value: 1000 },
    { state: 'uncoupled', on: ['front', 'rear'], value: 1900 },
  ];
  it('let nothing pass that rests on them, and say so', () => {
    const light = made({ alone: true, limits: { vehicleMax: 2500, frontAxleMax: 1500 } });
    for (const id of ['vehicle.max', 'axle.front']) {
      const check = checkOf(light, id, solo);
      expect(check?.status).toBe('unknown');
      expect(check?.missing.map(({ code }) => code)).toContain('contradiction');
    }
  });
  it('leave an excess an excess', () => {
    const heavy = made({ alone: true, limits: { vehicleMax: 1800 } });
    const check = checkOf(heavy, 'vehicle.max', solo);
    expect(check?.status).toBe('over');
    expect(check?.missing.map(({ code }) => code)).toEqual(['contradiction']);
  });
  it('leave what rests on other readings alone', () => {
    const view = made({ limits: { vehicleMax: 2500, trailerAxlesMax: 1000 } });
    const trailer: Read = { state: 'coupled', on: ['trailer'], value: 880 };
    expect(checkOf(view, 'trailer.axles', [...solo, trailer])).toMatchObject({ status: 'within' });
  });
});

it('a coupling that shows less than the brochure has it empty is named', () => {
  const view = exampleView('second-hand-caravan-alone');
  const empty = view.trailer?.emptyMass?.ballLoad ?? NaN;
  const nose = (value: number) =>
    belowEmpty(view, ticketOf(view, [{ state: 'uncoupled', support: 'ball', on: ['ball'], value }]));
  expect(nose(empty - 20)).toMatchObject([{ side: 'trailer', what: 'ball', empty }]);
  expect(nose(empty + 20)).toEqual([]);
});

describe('the speeds of a van in Britain whose empty mass nobody typed', () => {
  const stop = (vehicleMax: number | undefined) => {
    const van = made({ alone: true, country: 'GB', limits: vehicleMax === undefined ? {} : { vehicleMax } });
    return journeyStops(compile(weightless(van)))[0];
  };
  it('wait for it, and are not those of the worst class', () => {
    expect(stop(3500)).toMatchObject({ speed: null, waitsFor: { code: 'emptyMass' } });
    expect(stop(undefined)).toMatchObject({ speed: null, waitsFor: { code: 'limit' } });
  });
  it('are those of a car where the plate itself is below the mark', () => {
    expect(stop(3050)).toMatchObject({ speed: { as: 'car', rural: 60 }, waitsFor: null });
  });
});

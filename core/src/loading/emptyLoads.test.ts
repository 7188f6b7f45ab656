import { describe, expect, it } from 'vitest';
import type { Trailer, Vehicle } from '../rig/body.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import { compile, type Compiled } from '../loads/compile.ts';
import { referenceMass } from '../loads/referenceMass.ts';
import { payload } from '../limits/payload.ts';

const base = caseView({
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 800 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.8 } },
});
const fuel = { id: 'fuel', name: 'fuel', kind: 'fuel' as const, capacityL: 100, densityKgPerL: 0.84, x: 2 };
const driver = { id: 'driver', name: 'driver', driver: true, x: 1.5 };

function withVehicle(patch: Partial<Vehicle>): Compiled {
  return compile({ ...base, trailer: undefined, vehicle: { ...vehicleOf(base), ...patch } });
}
/** The same with somebody of 80 kg over the rear axle and every tank named empty: nothing of its figure's basis is left. */
function withOwnList(patch: Partial<Vehicle>): Compiled {
  const vehicle = { ...vehicleOf(base), ...patch };
  const rear = { id: 'rear', name: 'rear', x: 3 };
  const loadout = {
    ...base.loadout,
    crew: [{ id: 'somebody', name: 'somebody', mass: 80, seat: 'rear' }],
    tankLevels: vehicle.tanks.map(({ id }) => ({ body: vehicle.id, tank: id, fraction: 0 })),
  };
  return compile({ ...base, trailer: undefined, vehicle: { ...vehicle, seats: [...vehicle.seats, rear] }, loadout });
}
function withTrailer(patch: Partial<Trailer>): Compiled {
  if (!base.trailer) throw new Error('the rig tows');
  return compile({ ...base, trailer: { ...base.trailer, ...patch } });
}
const known = (compiled: Compiled, name: keyof Compiled['values']) => {
  const value = compiled.values[name];
  return value.kind === 'known' ? value.value : value.kind === 'unknown' ? value.missing.map((one) => one.code) : null;
};

describe('the empty figure of a vehicle', () => {
  it('gives driver and fuel back at their own places', () => {
    const compiled = withOwnList({
      emptyMass: { basis: 'running-order', frontAxle: 1000, rearAxle: 800, source: 'brochure' },
      tanks: [fuel],
      seats: [driver],
    });
    // 75 kg of driver halfway: 37.5 from each axle. 90 L of diesel (75.6 kg) at 2 of 3 m: 25.2 front, 50.4 rear.
    expect(known(compiled, 'frontAxle')).toBeCloseTo(1000 - 37.5 - 25.2, 9);
    expect(known(compiled, 'rearAxle')).toBeCloseTo(800 - 37.5 - 50.4 + 80, 9);
  });

  it('counts water and gas only in a motor caravan’s running order', () => {
    const tanks = [
      fuel,
      { id: 'fresh', name: 'fresh', kind: 'fresh' as const, x: 2.5 },
      { id: 'gas', name: 'gas', kind: 'gas' as const, x: 2 },
    ];
    const of = (build: Vehicle['build']) =>
      known(
        withOwnList({
          build,
          tanks,
          seats: [driver],
          emptyMass: { basis: 'running-order', frontAxle: 1000, rearAxle: 800, source: 'brochure' },
        }),
        'vehicleTotal',
      );
    expect(of('car')).toBeCloseTo(1800 - 75 - 75.6 + 80, 9);
    expect(of('motorhome')).toBeCloseTo(1800 - 75 - 75.6 - 10 - 11 + 80, 9);
  });

  it('finds the second axle from the total, and lets axle figures go before a total that contradicts them', () => {
    const front = withVehicle({ emptyMass: { basis: 'dry', total: 1800, frontAxle: 1010, source: 'other' } });
    expect(known(front, 'rearAxle')).toBeCloseTo(790, 9);
    const both = withVehicle({
      emptyMass: { basis: 'dry', total: 5000, frontAxle: 1010, rearAxle: 800, source: 'other' },
    });
    expect(known(both, 'vehicleTotal')).toBeCloseTo(1810, 9);
  });

  it('knows the total and not the axles when only the total is known', () => {
    const compiled = withVehicle({ emptyMass: { basis: 'dry', total: 1800, source: 'other' } });
    expect(known(compiled, 'vehicleTotal')).toBe(1800);
    expect(known(compiled, 'frontAxle')).toEqual(['emptyAxles']);
  });

  it('is unknown without a figure', () => {
    expect(known(withVehicle({ emptyMass: undefined }), 'vehicleTotal')).toEqual(['emptyMass']);
  });

  it('keeps fuel of which nobody knows how much it is, and is not known by itself then', () => {
    const alone = (compiled: ReturnType<typeof withVehicle>) =>
      compiled.bodies[compiled.view.vehicle?.id ?? '']?.missing.map(({ code }) => code);
    const kerb = { basis: 'kerb' as const, frontAxle: 1000, rearAxle: 800, source: 'other' as const };
    expect(known(withVehicle({ emptyMass: kerb }), 'vehicleTotal')).toBe(1800);
    expect(alone(withVehicle({ emptyMass: kerb }))).toEqual(['fuelTank']);
    const unnamed = { id: 'fuel', name: 'fuel', kind: 'fuel' as const, capacityL: 60 };
    expect(alone(withVehicle({ emptyMass: kerb, tanks: [unnamed] }))).toEqual(['fuelDensity']);
  });

  it('takes off again what stood on the scale', () => {
    const onBoard = [{ name: 'two people', mass: 150, x: 1.5 }];
    const compiled = withVehicle({
      emptyMass: { basis: 'weighed', frontAxle: 1075, rearAxle: 875, onBoard, source: 'ticket' },
    });
    expect(known(compiled, 'frontAxle')).toBeCloseTo(1000, 9);
    expect(known(compiled, 'rearAxle')).toBeCloseTo(800, 9);
  });

  it('carries its ± to the total as half of it, one standard deviation', () => {
    const value = withVehicle({
      emptyMass: { basis: 'dry', frontAxle: 1000, rearAxle: 800, plusMinus: 40, source: 'other' },
    }).values.vehicleTotal;
    expect(value.kind === 'known' && value.sigma).toBeCloseTo(20, 9);
  });
});

describe('the empty figure of a trailer', () => {
  it('needs the empty ball load or the owner’s leave to estimate it', () => {
    const figure = { basis: 'dry' as const, total: 1000, source: 'plate' as const };
    expect(known(withTrailer({ emptyMass: figure }), 'ballLoad')).toEqual(['emptyBallLoad']);
    expect(known(withTrailer({ emptyMass: figure }), 'combination')).toBeCloseTo(2800, 9);
    const geometry = { axles: 1, axlePosition: 4, drawbarLength: 1.2, bodyLength: 5 };
    const estimated = withTrailer({ geometry, emptyMass: { ...figure, estimateBallLoad: true } });
    expect(known(estimated, 'ballLoad')).toBeCloseTo(1000 * (1 - 3.7 / 4), 9);
    const { ballLoad } = estimated.values;
    expect(ballLoad.kind === 'known' && ballLoad.sigma).toBeGreaterThan(30);
  });

  it('keeps its empty ball load without a length, and asks for one as soon as something lies in it', () => {
    const compiled = withTrailer({ geometry: { axles: 1 } });
    expect(known(compiled, 'trailerTotal')).toBe(1000);
    // Nothing lies in it: the brochure's ball load is today's, wherever the axles stand.
    expect(known(compiled, 'ballLoad')).toBeCloseTo(50, 9);
    expect(known(compiled, 'trailerAxles')).toBeCloseTo(950, 9);
    const laden = withTrailer({
      geometry: { axles: 1 },
      fitted: [{ id: 'box', name: 'box', inEmptyMass: 'no', on: { mass: 40, x: 1 } }],
    });
    expect(known(laden, 'trailerTotal')).toBe(1040);
    expect(known(laden, 'ballLoad')).toEqual(['ballLoad']);
    expect(known(laden, 'rearAxle')).toEqual(['ballLoad']);
  });
});

describe('fitted parts', () => {
  const part = { id: 'bar', name: 'bar', on: { mass: 60, x: 0 }, off: { mass: 10, x: 0 } };
  it.each([
    ['no', 1850, 0],
    ['yes', 1800, 0],
    ['unknown', 1825, Math.hypot(30, 5)],
  ] as const)('inside the empty figure: %s', (inEmptyMass, total, sigma) => {
    const value = withVehicle({ fitted: [{ ...part, inEmptyMass }] }).values.vehicleTotal;
    expect(value).toMatchObject({ kind: 'known', value: total });
    expect(value.kind === 'known' && value.sigma).toBeCloseTo(sigma, 9);
  });
});

describe('payload', () => {
  it('is what the maximum leaves after everything, the ball load included', () => {
    const plates = [
      { id: 'p', source: 'vehiclePlate' as const, figures: [{ limit: 'vehicleMax' as const, value: 2000, typed: '' }] },
    ];
    const compiled = compile({ ...base, vehicle: { ...vehicleOf(base), plates } });
    expect(payload(compiled, 'vehicle')).toMatchObject({ max: 2000, bare: 1800, published: null });
    expect(payload(compiled, 'vehicle')?.left).toBeCloseTo(150, 9);
    expect(payload(compiled, 'vehicle')?.ballLoad).toBeCloseTo(50, 9);
    expect(payload(compiled, 'trailer')).toMatchObject({ max: null, left: null, ballLoad: 0 });
  });

  it('shows how far a published running order may be off', () => {
    const compiled = withVehicle({
      build: 'motorhome',
      emptyMass: { basis: 'running-order', frontAxle: 1500, rearAxle: 1500, source: 'brochure' },
    });
    // 5 % of 3,000 kg, and no plate to take it from.
    expect(payload(compiled, 'vehicle')?.published).toEqual({ tolerance: 150, range: null });
    expect(payload(compiled, 'vehicle')?.bare).toBeNull();
    const car = withVehicle({
      build: 'car',
      emptyMass: { basis: 'running-order', total: 1800, source: 'brochure' },
    });
    // 3 % for a car, and half a figure is none.
    expect(payload(car, 'vehicle')?.published?.tolerance).toBeCloseTo(54, 9);
    const half = withVehicle({
      build: 'car',
      emptyMass: { basis: 'running-order', frontAxle: 900, source: 'brochure' },
    });
    expect(payload(half, 'vehicle')?.published).toBeNull();
  });
});

describe('the empty mass on another basis', () => {
  it('puts back what the rule counts: all the fuel; 90 % of it and a driver; 10 litres', () => {
    const loads = withVehicle({
      build: 'car',
      // 80 L of 0.75 kg/L weigh 60 kg.
      tanks: [{ id: 'fuel', name: 'fuel', kind: 'fuel', capacityL: 80, densityKgPerL: 0.75, x: 2 }],
      emptyMass: { basis: 'dry', frontAxle: 700, rearAxle: 600, source: 'brochure' },
    });
    expect(referenceMass(loads, 'kerb')).toEqual({ value: 1360, missing: [] });
    expect(referenceMass(loads, 'runningOrder')).toEqual({ value: 1300 + 54 + 75, missing: [] });
    expect(referenceMass(loads, 'tare')).toEqual({ value: 1307.5, missing: [] });
    expect(referenceMass(withVehicle({ emptyMass: undefined }), 'kerb').value).toBeNull();
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../verdict/assess.ts';
import { compile, type Compiled } from '../loads/compile.ts';
import { payload } from '../limits/payload.ts';
import type { Vehicle } from '../rig/body.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import { basisLines } from './basisKept.ts';
import type { Loadout } from './loadout.ts';
import type { RigView } from './rigView.ts';
import { tankLevel } from './tankLevel.ts';

const base = { ...caseView({ vehicle: { W: 4, h: 1, bare: { R_front: 1000, R_rear: 800 } } }), trailer: undefined };
const driver = { id: 'driver', name: 'driver', driver: true, x: 1 };
const rear = { id: 'rear', name: 'rear', x: 3 };
const fresh = { id: 'fresh', name: 'fresh', kind: 'fresh' as const, capacityL: 100, x: 4 };
const gas = { id: 'gas', name: 'gas', kind: 'gas' as const, contents: 11, x: 2 };
const fuel = { id: 'fuel', name: 'fuel', kind: 'fuel' as const, capacityL: 90, densityKgPerL: 0.84, x: 2 };
const figure = { basis: 'running-order' as const, frontAxle: 1500, rearAxle: 1810, source: 'registration' as const };

/** A motorhome of 3,310 kg in running order. */
function motorhome(patch: Partial<Vehicle> = {}, loadout: Partial<Loadout> = {}): RigView {
  const vehicle: Vehicle = {
    ...vehicleOf(base),
    build: 'motorhome',
    emptyMass: figure,
    seats: [driver, rear],
    tanks: [fuel, fresh, gas],
    ...patch,
  };
  return { ...base, vehicle, loadout: { ...base.loadout, crew: [], tankLevels: [], ...loadout } };
}
const axles = ({ values }: Compiled): readonly [number, number] => {
  const { frontAxle: front, rearAxle: behind } = values;
  if (front.kind !== 'known' || behind.kind !== 'known') throw new Error('axles are known');
  return [front.value, behind.value];
};
const level = (view: RigView, tank: string, fraction: number) => ({ body: vehicleOf(view).id, tank, fraction });

describe('what an empty figure contains', () => {
  it('stays in while nobody says otherwise: plate 4,250, in running order 3,310, 940 left', () => {
    const plates = [
      {
        id: 'p',
        source: 'vehiclePlate' as const,
        figures: [{ limit: 'vehicleMax' as const, value: 4250, typed: '4250 kg' }],
      },
    ];
    for (const patch of [{}, { tanks: [], seats: [] }, { tanks: [{ ...fresh, x: undefined }], seats: [] }]) {
      const view = motorhome({ plates, ...patch });
      expect(axles(compile(view))).toEqual([1500, 1810]);
      expect(payload(compile(view), 'vehicle')?.left).toBeCloseTo(940, 9);
      expect(assess(view).checks.find(({ id }) => id === 'vehicle.max')?.margin ?? NaN).toBeCloseTo(940, 9);
    }
  });

  it('is replaced by people, wherever they sit', () => {
    const crew = [{ id: 'a', name: 'A', mass: 60, seat: 'rear' }];
    // 75 kg a metre behind the front axle of 4 m: 56.25 off the front, 18.75 off the rear; 60 kg at 3 m: 15 and 45.
    const [front, behind] = axles(compile(motorhome({}, { crew })));
    expect(front).toBeCloseTo(1500 - 56.25 + 15, 9);
    expect(behind).toBeCloseTo(1810 - 18.75 + 45, 9);
    const dog = [{ id: 'd', name: 'Dog', mass: 20, seat: undefined, pet: true }];
    expect(basisLines(motorhome({}, { crew: dog }), vehicleOf(motorhome()))[0]?.replaced).toBeUndefined();
  });

  it('is replaced by a level of its tank, and shown as that tank’s level until then', () => {
    const view = motorhome();
    const id = vehicleOf(view).id;
    expect(tankLevel(view, id, 'fresh')).toBeCloseTo(0.1, 9);
    expect(tankLevel(view, id, 'gas')).toBeCloseTo(1, 9);
    expect(tankLevel(view, id, 'fuel')).toBeCloseTo(0.9, 9);
    // All of the water sits over the rear axle.
    const [front, behind] = axles(compile(motorhome({}, { tankLevels: [level(view, 'fresh', 0.5)] })));
    expect(front).toBeCloseTo(1500, 9);
    expect(behind).toBeCloseTo(1810 - 10 + 50, 9);
  });

  it('is out where its owner takes it out, tank or no tank', () => {
    for (const tanks of [[gas], []]) {
      const view = motorhome({ tanks });
      const takenOut = [{ body: vehicleOf(view).id, part: 'gas' as const }];
      const total = compile(motorhome({ tanks }, { takenOut })).values.vehicleTotal;
      expect(total.kind === 'known' && total.value).toBeCloseTo(3310 - 11, 9);
    }
  });

  it('is no part of the body alone, whatever stays in', () => {
    const view = motorhome();
    const bare = 3310 - 75 - 0.9 * 90 * 0.84 - 10 - 11;
    expect(compile(view).bodies[vehicleOf(view).id]?.bare).toBeCloseTo(bare, 9);
    const sheet = payload(compile(view), 'vehicle');
    expect(sheet?.bare).toBeCloseTo(bare, 9);
    expect(sheet?.parts.crew).toBe(75);
    expect(sheet?.parts.tank).toBeCloseTo(0.9 * 90 * 0.84 + 21, 9);
  });

  it('does not count on top of a total that is said of all of it', () => {
    const view = motorhome();
    const said = [{ body: vehicleOf(view).id, total: 3600, listed: 0 }];
    const total = compile(motorhome({}, { said })).values.vehicleTotal;
    expect(total.kind === 'known' && total.value).toBe(3600);
    const lines = basisLines(motorhome({}, { said }), vehicleOf(view));
    expect([...new Set(lines.map(({ replaced }) => replaced))]).toEqual(['said']);
  });

  const arbitrary = fc.record({
    basis: fc.constantFrom('kerb' as const, 'running-order' as const, 'running-order-half-tank' as const),
    build: fc.constantFrom('car' as const, 'motorhome' as const),
    litres: fc.double({ min: 20, max: 120, noNaN: true }),
    at: fc.array(fc.option(fc.double({ min: -1, max: 6, noNaN: true }), { nil: undefined }), {
      minLength: 4,
      maxLength: 4,
    }),
  });

  it('weighs what the figure says on each axle, wherever its tanks and seats are, or nobody knows where', () => {
    fc.assert(
      fc.property(arbitrary, ({ basis, build, litres, at: [a, b, c, d] }) => {
        const view = motorhome({
          build,
          emptyMass: { ...figure, basis },
          seats: [{ ...driver, x: a }],
          tanks: [
            { ...fuel, capacityL: litres, x: b },
            { ...fresh, x: c },
            { ...gas, x: d },
          ],
        });
        const [front, behind] = axles(compile(view));
        expect(front).toBeCloseTo(1500, 6);
        expect(behind).toBeCloseTo(1810, 6);
      }),
    );
  });

  it('moves nothing when the same is put in its place', () => {
    fc.assert(
      fc.property(arbitrary, ({ basis, litres, at: [a = 1, b = 2, c = 3, d = 2] }) => {
        const patch = {
          emptyMass: { ...figure, basis },
          seats: [{ ...driver, x: a }],
          tanks: [
            { ...fuel, capacityL: litres, x: b },
            { ...fresh, x: c },
            { ...gas, x: d },
          ],
        };
        const view = motorhome(patch);
        const { id } = vehicleOf(view);
        const crew = basis === 'kerb' ? [] : [{ id: 'a', name: 'A', mass: 75, seat: 'driver' }];
        const tankLevels = ['fuel', 'fresh', 'gas'].map((tank) => level(view, tank, tankLevel(view, id, tank)));
        const named = axles(compile(motorhome(patch, { crew, tankLevels })));
        expect(named[0]).toBeCloseTo(1500, 6);
        expect(named[1]).toBeCloseTo(1810, 6);
      }),
    );
  });
});

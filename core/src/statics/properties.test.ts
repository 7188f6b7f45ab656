import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile, type Compiled } from '../loads/compile.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { quantityNames, type QuantityName } from './rigRows.ts';
import { influenceAt } from './row.ts';

const kg = (compiled: Compiled, name: QuantityName): number => {
  const value = compiled.values[name];
  if (value.kind !== 'known') throw new Error(`${name} should be known`);
  return value.value;
};
const all = (rig: CaseRig) => compile(caseView(rig));

describe('statics of any rig', () => {
  it('puts on the road exactly what the rig weighs: reactions sum to the mass', () => {
    fc.assert(
      fc.property(arbitraryRig, (rig) => {
        const one = all(rig);
        const axles = kg(one, 'frontAxle') + kg(one, 'rearAxle') + kg(one, 'trailerAxles');
        expect(axles).toBeCloseTo(one.sums.vehicle.mass + one.sums.trailer.mass, 6);
        expect(kg(one, 'combination')).toBeCloseTo(axles, 6);
        expect(kg(one, 'vehicleTotal')).toBeCloseTo(kg(one, 'frontAxle') + kg(one, 'rearAxle'), 6);
        expect(kg(one, 'trailerTotal')).toBeCloseTo(kg(one, 'ballLoad') + kg(one, 'trailerAxles'), 6);
      }),
    );
  });

  it('balances moments about any point of the vehicle', () => {
    fc.assert(
      fc.property(arbitraryRig, fc.integer({ min: -3, max: 6 }), (rig, about) => {
        const one = all(rig);
        const { wheelbase: W = 0, couplingOverhang: h = 0 } = one.lengths.vehicle ?? {};
        const down = one.points
          .filter((load) => load.side === 'vehicle')
          .reduce((sum, load) => sum + load.mass * ((load.x ?? 0) - about), kg(one, 'ballLoad') * (W + h - about));
        const up = kg(one, 'frontAxle') * (0 - about) + kg(one, 'rearAxle') * (W - about);
        expect(up).toBeCloseTo(down, 5);
      }),
    );
  });

  it('superposes: two halves of the load do together what they do apart', () => {
    fc.assert(
      fc.property(arbitraryRig, (rig) => {
        const masses = rig.vehicle?.masses ?? [];
        const pick = (keep: (index: number) => boolean): CaseRig => ({
          ...rig,
          vehicle: rig.vehicle && { ...rig.vehicle, masses: masses.filter((_, index) => keep(index)) },
        });
        const whole = all(rig);
        const odd = all(pick((index) => index % 2 === 1));
        const even = all(pick((index) => index % 2 === 0));
        const none = all(pick(() => false));
        for (const name of ['frontAxle', 'rearAxle', 'ballLoad', 'combination'] as const) {
          expect(kg(odd, name) + kg(even, name) - kg(none, name)).toBeCloseTo(kg(whole, name), 6);
        }
      }),
    );
  });

  it('says beforehand what one more kilogram does, through the influence row', () => {
    fc.assert(
      fc.property(arbitraryRig, fc.integer({ min: 0, max: 800 }), (rig, centimetres) => {
        const x = centimetres / 100;
        const before = all(rig);
        const extra = { id: 'extra', m: 10, x };
        const after = all({ ...rig, trailer: { ...rig.trailer, masses: [...(rig.trailer.masses ?? []), extra] } });
        for (const name of quantityNames) {
          const value = before.values[name];
          if (value.kind !== 'known') continue;
          expect(kg(after, name)).toBeCloseTo(value.value + 10 * influenceAt(value.row, 'trailer', x), 6);
        }
      }),
    );
  });

  it('lightens the front axle by what hangs behind the rear one', () => {
    const rig: CaseRig = { vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 1000 } } };
    const loaded = all({
      vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 1000 }, masses: [{ id: 'rack', m: 90, x: 4.2 }] },
    });
    expect(kg(loaded, 'frontAxle') - kg(all(rig), 'frontAxle')).toBeCloseTo(-36, 9);
    expect(kg(loaded, 'rearAxle') - kg(all(rig), 'rearAxle')).toBeCloseTo(126, 9);
  });

  it('moves load with a distribution hitch and makes none: the sum stays, the ball limit keeps its load', () => {
    const setting = fc.oneof(
      fc.record({ rho: fc.integer({ min: 0, max: 100 }).map((percent) => percent / 100) }),
      fc.record({ T: fc.integer({ min: 0, max: 3000 }) }),
    );
    fc.assert(
      fc.property(arbitraryRig, setting, (rig, hitch) => {
        const off = all(rig);
        const on = all({ ...rig, hitch });
        const sum = (one: Compiled) => kg(one, 'frontAxle') + kg(one, 'rearAxle') + kg(one, 'trailerAxles');
        expect(sum(on)).toBeCloseTo(sum(off), 6);
        expect(kg(on, 'ballLoad')).toBeCloseTo(kg(off, 'ballLoad'), 9);
        expect(kg(on, 'vehicleTotal')).toBeCloseTo(kg(on, 'frontAxle') + kg(on, 'rearAxle'), 6);
        expect(kg(on, 'trailerTotal')).toBeCloseTo(kg(on, 'ballLoadTowed') + kg(on, 'trailerAxles'), 6);
        const { rho } = hitch as { rho?: number };
        const overhang = off.lengths.vehicle?.couplingOverhang ?? 0;
        if (rho === 1 && overhang > 0) expect(kg(on, 'frontAxle')).toBeCloseTo(frontAlone(off), 6);
      }),
    );
  });
});

/** The front axle with nothing behind: what full restoration brings back. */
function frontAlone(compiled: Compiled): number {
  const { mass, moment } = compiled.sums.vehicle;
  return mass - moment / (compiled.lengths.vehicle?.wheelbase ?? NaN);
}

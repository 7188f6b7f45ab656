import { describe, expect, it } from 'vitest';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { made, weightless } from '../testing/matrixRigs.ts';
import { assess } from './assess.ts';
import { toFindOut } from './findOut.ts';

const facts = (view: ReturnType<typeof made>) =>
  toFindOut(assess(view)).map(({ what, minutes, settles, helps }) => ({
    what: what.key,
    minutes,
    settles: settles.map(({ id }) => id),
    helps: helps.map(({ id }) => id),
  }));

describe('what to find out next', () => {
  it('puts first what settles most in the fewest minutes: a plate before a weighbridge', () => {
    // Front and rear plates, and an empty mass of which only the total is known: the axles ask for a weighbridge.
    const view = made({ alone: true, limits: { vehicleMax: 2000, frontAxleMax: 1100 } });
    const empty = { basis: 'dry' as const, total: 1900, source: 'other' as const };
    const found = facts({ ...view, vehicle: view.vehicle && { ...view.vehicle, emptyMass: empty } });
    const at = (what: string) => found.findIndex((one) => one.what === what);
    expect(at('missing.limit')).toBeGreaterThanOrEqual(0);
    expect(at('missing.limit')).toBeLessThan(at('missing.emptyAxles'));
    expect(found[at('missing.emptyAxles')]).toMatchObject({
      minutes: 40,
      settles: ['axle.front'],
      helps: ['axle.rear'],
    });
  });

  it('names one fact once, with all that hangs on it', () => {
    const view = weightless(made({ alone: true, limits: { vehicleMax: 2000, frontAxleMax: 1100, rearAxleMax: 1100 } }));
    const empty = facts(view).filter(({ what }) => what === 'missing.emptyMass');
    expect(empty).toHaveLength(1);
    expect(empty[0]?.settles).toEqual(expect.arrayContaining(['vehicle.max', 'axle.front', 'axle.rear']));
  });

  it('names the thing whose ± alone leaves a limit tight', () => {
    const rig: CaseRig = {
      vehicle: {
        W: 3,
        bare: { R_front: 1000, R_rear: 1000 },
        masses: [{ id: 'crate', m: 100, x: 1.5, sigma_m: 15 }],
      },
      limits: { vehicleMax: 2110, frontAxleMax: 1200, rearAxleMax: 1200 },
    };
    const [first] = toFindOut(assess(caseView(rig)));
    expect(first).toMatchObject({ by: 'weigh', minutes: 3, where: null });
    expect(first?.helps.map(({ id }) => id)).toEqual(['vehicle.max']);
  });

  it('has nothing to ask where all is known and clear', () => {
    const rig: CaseRig = {
      vehicle: { W: 3, bare: { R_front: 1000, R_rear: 1000 } },
      limits: { vehicleMax: 2500, frontAxleMax: 1300, rearAxleMax: 1300 },
    };
    const asked = toFindOut(assess(caseView(rig))).flatMap(({ settles, helps }) => [...settles, ...helps]);
    expect(asked.filter(({ required }) => required)).toEqual([]);
  });
});

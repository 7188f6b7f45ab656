import { describe, expect, it } from 'vitest';
import { setGeometry } from '../edits/bodyEdits.ts';
import { addNewRig } from '../edits/newRig.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import type { Vehicle } from '../rig/body.ts';
import { assess } from '../verdict/assess.ts';
import { typicalMessage } from '../verdict/typicalMessage.ts';
import { toFindOut } from '../verdict/findOut.ts';
import type { RigView } from './rigView.ts';

/** An estate of which the empty mass is known as a whole, and the plates of its axles. */
function estate(rearAxleMax: number, more: Partial<Vehicle> = {}): RigView {
  const view = caseView({
    vehicle: { W: 2.8, bare: { R_front: 1100, R_rear: 900 } },
    limits: { vehicleMax: 2300, frontAxleMax: 1400, rearAxleMax },
  });
  const emptyMass = { basis: 'dry', total: 2000, source: 'brochure' } as const;
  return { ...view, vehicle: { ...vehicleOf(view), build: 'wagon', emptyMass, ...more } };
}
const rear = (view: RigView) => assess(view).checks.find(({ id }) => id === 'axle.rear');

describe('the axle split that is usual for an estate, 0.55 ± 0.06 of 2000 kg on its front axle', () => {
  it('is taken only where the owner wants it so', () => {
    expect(rear(estate(1050))).toMatchObject({ status: 'unknown', demand: null });
    expect(rear(estate(1050))?.typical).toBeUndefined();
  });

  it.each([
    // 2000 − 1100 = 900 kg on the rear axle, 120 kg either way: 780 to 1020.
    [1021, 'within', 'typical.max.within'],
    [1019, 'unknown', 'typical.max.open'],
    [781, 'unknown', 'typical.max.open'],
    [779, 'over', 'typical.max.over'],
  ])('leaves the rear axle of %i kg %s', (limit, status, says) => {
    const check = rear(estate(limit, { typical: true }));
    expect(check).toMatchObject({ status, limit });
    expect(check?.demand).toBeCloseTo(900, 6);
    expect(2 * (check?.sigma ?? 0)).toBeCloseTo(120, 6);
    const told = check && typicalMessage(check);
    expect(told?.key).toBe(says);
    expect(told?.params).toMatchObject({ from: { value: expect.closeTo(780, 6) as number } });
    if (status === 'unknown') expect(check?.missing).toMatchObject([{ code: 'emptyAxles', body: 'vehicle' }]);
  });

  it('is not taken where the axles are known, and moves no total', () => {
    const known = caseView({
      vehicle: { W: 2.8, bare: { R_front: 1100, R_rear: 900 } },
      limits: { vehicleMax: 2300, rearAxleMax: 905 },
    });
    const asked = { ...known, vehicle: { ...vehicleOf(known), typical: true } };
    expect(assess(asked).checks).toEqual(assess(known).checks);
    const total = assess(estate(1050, { typical: true })).checks.find(({ id }) => id === 'vehicle.max');
    expect(total).toMatchObject({ status: 'within', margin: 300, typical: undefined });
  });

  it('is said in the verdict, and is what to find out next', () => {
    const open = assess(estate(1019, { typical: true }));
    expect(open.legal).toBe(null);
    expect(toFindOut(open)[0]).toMatchObject({ what: { key: 'missing.emptyAxles' }, minutes: 40 });
    expect(assess(estate(1021, { typical: true })).sentence.key).toBe('verdict.asUsual');
  });
});

describe('what is at one seat', () => {
  it('is off together: three people of 80 kg on a bench known to 0.2 m are 240 kg known to 0.2 m', () => {
    const view = estate(1400, { emptyMass: { basis: 'dry', frontAxle: 1100, rearAxle: 900, source: 'other' } });
    const seats = [{ id: 'bench', name: 'bench', x: 1.4, xPlusMinus: 0.2 }];
    const crew = ['a', 'b', 'c'].map((id) => ({ id, name: id, mass: 80, seat: 'bench' }));
    const seated = { ...view, vehicle: { ...vehicleOf(view), seats }, loadout: { ...view.loadout, crew } };
    // 240 kg × 0.1 m / 2.8 m on the rear axle, one standard deviation.
    expect(rear(seated)?.sigma).toBeCloseTo((240 * 0.1) / 2.8, 6);
  });

  it('is the driver alone, less the one that the empty figure contains: 95 − 75 kg', () => {
    const view = estate(1400, {
      emptyMass: { basis: 'running-order', frontAxle: 1100, rearAxle: 900, source: 'other' },
    });
    const seats = [{ id: 'wheel', name: 'wheel', x: 1.4, xPlusMinus: 0.2, driver: true }];
    const crew = [{ id: 'a', name: 'a', mass: 95, seat: 'wheel' }];
    const seated = { ...view, vehicle: { ...vehicleOf(view), seats }, loadout: { ...view.loadout, crew } };
    expect(rear(seated)?.sigma).toBeCloseTo((20 * 0.1) / 2.8, 6);
  });
});

describe('a usual place', () => {
  const tools = {
    newId: (() => {
      let at = 0;
      return () => `id${(at += 1)}`;
    })(),
    word: () => 'word',
  };
  const wanted = {
    name: 'rig',
    vehicleName: 'car',
    trailerName: 'van',
    build: 'wagon',
    country: 'AU',
    axles: 1,
  } as const;
  const started = () => addNewRig(emptyWorkspace('a', 'a'), wanted, tools).workspace;
  const placesOf = (document: ReturnType<typeof started>) => {
    const trailer = document.bodies.find(({ kind }) => kind === 'trailer');
    return { id: trailer?.id ?? '', x: trailer?.places.map(({ usual, x }) => [usual, x]) };
  };

  it('stands where the lengths of its body put it, also when they are typed later or put right', () => {
    const blank = started();
    const { id, x } = placesOf(blank);
    expect(x).toEqual([
      ['frontLocker', undefined],
      ['overAxles', undefined],
      ['rearLocker', undefined],
    ]);
    const typed = setGeometry(blank, id, { drawbarLength: 1.2, bodyLength: 5, axlePosition: 4 });
    // 1.2 + 7 % of 5 m, over the axles, 1.2 + 91 % of 5 m.
    expect(placesOf(typed).x).toEqual([
      ['frontLocker', 1.55],
      ['overAxles', 4],
      ['rearLocker', 5.75],
    ]);
    expect(placesOf(setGeometry(typed, id, { bodyLength: 6 })).x?.[2]).toEqual(['rearLocker', 6.66]);
  });
});

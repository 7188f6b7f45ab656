import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Condition, Plate } from '../rig/plate.ts';
import { situationIn } from '../situation/situation.ts';
import { caseView, vehicleOf, type CaseRig } from '../testing/caseRig.ts';
import { exampleView } from '../testing/examples.ts';
import { gearOn, made, plateOf } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { runRulebook } from './runRulebook.ts';

const towing: CaseRig = {
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 900 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.6 } },
  limits: { vehicleMax: 2300, trailerMax: 1200 },
};
const check = (view: RigView, id: string) => runRulebook(compile(view)).find((one) => one.id === id);
const plates = (view: RigView, ...list: Plate[]): RigView => ({
  ...view,
  vehicle: { ...vehicleOf(view), plates: list },
});
const figure = (limit: Plate['figures'][number]['limit'], value: number, ...conditions: Condition[]) => ({
  limit,
  value,
  typed: `${value}`,
  ...(conditions.length > 0 ? { conditions } : {}),
});
const unsure: Condition = { kind: 'axleRatio', text: '3.9', met: 'unknown' };

describe('a figure under a condition', () => {
  const total = (...figures: Plate['figures']) => {
    const view = plates(caseView({ vehicle: { W: 3, bare: { R_front: 1000, R_rear: 900 } } }), {
      id: 'p',
      source: 'handbook',
      figures,
    });
    return check(view, 'vehicle.max');
  };

  it('that nobody confirmed makes the limit unknown and says what to look up', () => {
    expect(total(figure('vehicleMax', 2500, unsure))).toMatchObject({
      status: 'unknown',
      margin: null,
      missing: [{ code: 'condition', condition: 'axleRatio', text: '3.9', limit: 'vehicleMax' }],
    });
  });

  it('counts once it is met, and not at all where it is not', () => {
    expect(total(figure('vehicleMax', 2500, { ...unsure, met: 'yes' }))).toMatchObject({
      status: 'within',
      margin: 600,
    });
    expect(total(figure('vehicleMax', 1800, { ...unsure, met: 'no' }), figure('vehicleMax', 2000))).toMatchObject({
      limit: 2000,
    });
  });

  it('decides nothing only where it would decide', () => {
    const firm = figure('vehicleMax', 2000);
    // The load is 1,900: it keeps 1,950 either way, breaks 1,800 perhaps, and 1,850 for certain.
    expect(total(firm, figure('vehicleMax', 1950, unsure))).toMatchObject({
      status: 'within',
      limit: 1950,
      margin: 50,
    });
    expect(total(firm, figure('vehicleMax', 1800, unsure))).toMatchObject({ status: 'unknown', limit: 2000 });
    expect(total(figure('vehicleMax', 1850), figure('vehicleMax', 1800, unsure))).toMatchObject({
      status: 'over',
      margin: -50,
    });
    expect(total(firm, figure('vehicleMax', 2400, unsure))).toMatchObject({ status: 'within', limit: 2000 });
  });

  it('leaves the whole rig undecided when its limit is required', () => {
    const view = plates(caseView({ vehicle: { W: 3, bare: { R_front: 1000, R_rear: 900 } } }), {
      id: 'p',
      source: 'vehiclePlate',
      figures: [figure('vehicleMax', 2500, unsure), figure('frontAxleMax', 1200), figure('rearAxleMax', 1200)],
    });
    expect(assess(view)).toMatchObject({ legal: null, mark: 'undecided', sentence: { key: 'verdict.undecidedFor' } });
  });
});

describe('tyres, wheels and springs', () => {
  const geared = (gear: NonNullable<NonNullable<RigView['vehicle']>['gear']>[number]) => {
    const view = caseView(towing);
    return { ...view, vehicle: { ...vehicleOf(view), gear: [gear] } };
  };

  it('of an axle are compared with the load on it', () => {
    // Rear axle 900 + 100·4/3 = 1,033.3; two tyres of index 88 carry 1,120, of index 85 only 1,030.
    expect(check(geared({ id: 'g', axle: 'rear', wheels: 2, loadIndex: '88' }), 'gear.tyres:rear')).toMatchObject({
      limit: 1120,
      status: 'within',
    });
    expect(check(geared({ id: 'g', axle: 'rear', wheels: 2, loadIndex: '85' }), 'gear.tyres:rear')).toMatchObject({
      limit: 1030,
      status: 'over',
    });
  });

  it('take the second index only for wheels side by side', () => {
    const index = '107/105';
    expect(check(geared({ id: 'g', axle: 'rear', wheels: 2, loadIndex: index }), 'gear.tyres:rear')?.limit).toBe(1950);
    expect(
      check(geared({ id: 'g', axle: 'rear', wheels: 4, twinned: true, loadIndex: index }), 'gear.tyres:rear')?.limit,
    ).toBe(3700);
  });

  it('say nothing of an index that is not in the table', () => {
    expect(check(geared({ id: 'g', axle: 'rear', wheels: 2, loadIndex: '40' }), 'gear.tyres:rear')).toBeUndefined();
    const view = geared({ id: 'g', axle: 'front', wheels: 2, wheelRating: 480, springRating: 1100 });
    expect(check(view, 'gear.wheels:front')).toMatchObject({ kind: 'maker', limit: 960, status: 'over' });
    expect(check(view, 'gear.springs:front')).toMatchObject({ limit: 1100, status: 'within' });
  });

  it('carry what their axle is plated for, of a trailer up to a tenth more where nobody may tow faster than 100 km/h', () => {
    // Two tyres of index 82 carry 950, at 100 km/h 1,045.
    const at = (plate: number, country: 'AU' | 'DE' | 'GB') => {
      const plates = [plateOf('axle', 'trailerAxlesMax', plate)];
      const view = made({ country, trailer: { ...gearOn('trailer', { loadIndex: '82' }), plates } });
      return check(view, 'gear.tyresForPlate:trailer');
    };
    expect(at(950, 'AU')).toMatchObject({ status: 'within', notes: [] });
    expect(at(950.5, 'AU')).toMatchObject({ status: 'over', kind: 'legal' });
    for (const country of ['DE', 'GB'] as const) {
      expect(at(950, country)?.notes).toEqual([]);
      expect(at(1045, country)).toMatchObject({ status: 'within', notes: [{ key: 'check.note.tyresAtHundred' }] });
      expect(at(1045.5, country)?.status).toBe('over');
    }
  });

  it('of a trailer are made for the speed that law allows where it goes', () => {
    // J 100, K 110, M 130 km/h. In France an outfit to 3,500 kg may go 130 on a motorway, a heavier one 90; in Germany 80, in Britain 60 mph.
    const at = (travel: 'FR' | 'DE' | 'GB' | 'AU', speedSymbol: string, vehicleMax = 2200) => {
      const view = made({
        country: 'DE',
        limits: { vehicleMax, trailerMax: 1300 },
        trailer: gearOn('trailer', { loadIndex: '90', speedSymbol }),
        situation: { travel: { country: travel } },
      });
      return check(view, 'gear.speed:trailer');
    };
    expect([at('FR', 'J'), at('FR', 'L'), at('FR', 'M')].map((one) => one?.status)).toEqual(['over', 'over', 'within']);
    expect(at('FR', 'J', 2300)?.status).toBe('within');
    expect(at('DE', 'F')?.status).toBe('within');
    expect(at('DE', 'E')?.status).toBe('over');
    expect([at('GB', 'J')?.status, at('GB', 'G')?.status]).toEqual(['within', 'over']);
    // Where no speed is known for sure, for a usual one.
    expect([at('AU', 'J')?.limit, at('AU', 'G')?.status]).toEqual([100, 'over']);
  });

  it('of a trailer have a reserve that is advice', () => {
    const view = caseView(towing);
    const trailer = view.trailer && {
      ...view.trailer,
      gear: [{ id: 'g', axle: 'trailer' as const, wheels: 2, loadIndex: '82' }],
    };
    // 950 kg of capacity, 855 with a tenth in reserve, 900 on the axle.
    expect(check({ ...view, trailer }, 'gear.tyres:trailer')).toMatchObject({ limit: 950, status: 'within' });
    expect(check({ ...view, trailer }, 'gear.tyreReserve:trailer')).toMatchObject({
      kind: 'guidance',
      limit: 855,
      status: 'over',
    });
  });
});

describe('the D-value', () => {
  const withD = (value: number) => {
    const view = caseView(towing);
    const own = vehicleOf(view);
    return plates(view, ...own.plates, { id: 'bar', source: 'towBar', figures: [figure('dValueKn', value)] });
  };

  it('follows from the permitted masses, whatever is on board', () => {
    // 9.81·2.3·1.2/3.5 = 7.7359 kN.
    expect(check(withD(8), 'coupling.dValue')).toMatchObject({
      unit: 'kN',
      status: 'within',
      demand: expect.closeTo(7.735886, 5) as number,
    });
    expect(check(withD(7.7), 'coupling.dValue')).toMatchObject({ status: 'over' });
  });

  it('is not asked where no plate states one, and unknown without the masses', () => {
    expect(check(caseView(towing), 'coupling.dValue')).toBeUndefined();
    const bare = plates(caseView({ ...towing, limits: {} }), {
      id: 'bar',
      source: 'towBar',
      figures: [figure('dValueKn', 8)],
    });
    expect(check(bare, 'coupling.dValue')).toMatchObject({ status: 'unknown' });
    expect(check(bare, 'coupling.dValue')?.missing).toHaveLength(2);
  });

  it('is unknown, and says so, where the plates say 0 and 0', () => {
    const none = plates(
      caseView({ ...towing, limits: { vehicleMax: 0, trailerMax: 0 } }),
      { id: 'bar', source: 'towBar', figures: [figure('dValueKn', 8)] },
      { id: 'own', source: 'vehiclePlate', figures: [figure('vehicleMax', 0)] },
    );
    const trailer = none.trailer && {
      ...none.trailer,
      plates: [{ id: 't', source: 'caravanPlate' as const, figures: [figure('trailerMax', 0)] }],
    };
    const found = check({ ...none, trailer }, 'coupling.dValue');
    expect(found).toMatchObject({ status: 'unknown', demand: null, margin: null, missing: [{ code: 'reckoning' }] });
  });
});

describe('the maker’s allowance while towing', () => {
  const allowed = (country: 'AU' | 'GB' | 'DE', solo: boolean) => {
    const view = caseView(solo ? { ...towing, trailer: undefined } : towing);
    const own = plates(view, {
      id: 'p',
      source: 'handbook',
      figures: [figure('vehicleMax', 1950), figure('vehicleMaxTowing', 2050)],
    });
    return check({ ...own, situation: situationIn('here', 'here', country) }, 'vehicle.max');
  };

  it('counts in Europe and Britain, only with a trailer, and says so', () => {
    expect(allowed('DE', false)).toMatchObject({
      limit: 2050,
      status: 'within',
      notes: [{ key: 'check.note.towingAllowance' }],
    });
    expect(allowed('GB', false)?.limit).toBe(2050);
    expect(allowed('DE', true)).toMatchObject({ limit: 1950, notes: [] });
    expect(allowed('AU', false)).toMatchObject({ limit: 1950, status: 'over' });
  });
});

describe('rigs of every kind', () => {
  it('judge a trailer by itself by its own plates', () => {
    const found = assess(exampleView('second-hand-caravan-alone'));
    // Its masses are within; whether it brakes by itself once it comes off nobody has looked.
    expect([found.legal, found.mark]).toEqual([null, 'open']);
    const applies = found.checks.filter((one) => one.status !== 'notApplicable').map((one) => one.rule);
    expect(applies).not.toContain('vehicle.max');
    expect(applies).toEqual(expect.arrayContaining(['trailer.max', 'trailer.axles', 'ball.max', 'coupling.part']));
  });

  it('call the load of a fifth wheel a pin load, with a band of its own and no least', () => {
    const view = exampleView('pick-up-with-fifth-wheel');
    expect(check(view, 'ball.max')?.name).toMatchObject({ params: { limit: { term: 'pinMax' } } });
    expect(check(view, 'ball.shareLow')?.limit).toBeCloseTo(0.15 * 3584.9, 6);
    const abroad = { ...view, situation: situationIn('here', 'here', 'DE') };
    expect(check(abroad, 'ball.min')).toBeUndefined();
  });

  it('carry a camper on the vehicle: its mass counts there, its own figure and the tray’s are kept', () => {
    const view = exampleView('australian-ute-camper-and-boat');
    const found = compile(view);
    const camper = found.points.filter((load) => load.body === 'wallaroo');
    expect(camper.every((load) => load.side === 'vehicle')).toBe(true);
    const mass = camper.reduce((sum, load) => sum + load.mass, 0);
    expect(check(view, 'camper.max')).toMatchObject({ demand: expect.closeTo(mass, 6) as number, limit: 980 });
    expect(check(view, 'camper.tray:tray')).toMatchObject({ limit: 1100 });
    const nowhere = { ...view, rig: { ...view.rig, camper: { body: 'wallaroo' } } };
    expect(check(nowhere, 'axle.rear')).toMatchObject({ status: 'unknown' });
    expect(check(nowhere, 'axle.rear')?.missing.map((one) => one.code)).toContain('camperPosition');
    expect(check(nowhere, 'combination.max')).toMatchObject({ status: 'within' });
  });
});

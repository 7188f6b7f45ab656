import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { Country } from '../situation/countries.ts';
import { situationIn } from '../situation/situation.ts';
import { caseView, vehicleOf, type CaseRig } from '../testing/caseRig.ts';
import { made } from '../testing/matrixRigs.ts';
import type { Check } from '../checks/check.ts';
import { judge } from '../checks/judge.ts';
import { runRulebook } from './runRulebook.ts';

interface Changes {
  readonly country?: Country;
  readonly travel?: Country;
  readonly braked?: boolean;
  readonly reserve?: number;
}

/** The checks of a rig as if it were at home in a country. */
function checksOf(rig: CaseRig, { country = 'AU', travel = country, braked = true, reserve }: Changes = {}) {
  const view = caseView(rig);
  const situation = { ...situationIn('here', 'here', country), travel: { country: travel }, reserve };
  const trailer = view.trailer && { ...view.trailer, braked };
  const checks = runRulebook(compile({ ...view, situation, trailer }));
  return (id: string): Check => {
    const found = checks.find((check) => check.id === id);
    if (!found) throw new Error(`no check ${id}`);
    return found;
  };
}

/** 1,000 kg with 5 % on the ball behind a plain car. */
const towing: CaseRig = {
  vehicle: { W: 2.8, h: 1, bare: { R_front: 900, R_rear: 700 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.8 } },
};

describe('a margin', () => {
  it.each([
    [10, 0, 0, 'within'],
    [0, 0, 0, 'within'],
    [-1e-7, 0, 0, 'within'],
    [-0.01, 50, 500, 'over'],
    [9.9, 5, 0, 'tight'],
    [10, 5, 0, 'within'],
    [19, 0, 20, 'tight'],
    [20, 0, 20, 'within'],
  ] as const)('of %s with sigma %s and reserve %s is %s', (margin, sigma, reserve, want) => {
    expect(judge(margin, sigma, reserve)).toBe(want);
  });
});

describe('plated limits', () => {
  it('judge the coupled vehicle with the load on its coupling, and count that once in the combination', () => {
    const check = checksOf({ ...towing, limits: { vehicleMax: 1650, combinationMax: 2600 } });
    expect(check('vehicle.max')).toMatchObject({ demand: 1650, margin: 0, status: 'within' });
    expect(check('combination.max').demand).toBeCloseTo(2600, 9);
    expect(check('combination.max').status).toBe('within');
  });

  it('pass at equality and fail a gram above', () => {
    const at = (limit: number) => checksOf({ ...towing, limits: { trailerMax: limit } })('trailer.max').status;
    expect(at(1000)).toBe('within');
    expect(at(999.999)).toBe('over');
  });

  it('compare the trailer plate with the whole trailer and the axle figure with its wheels', () => {
    const check = checksOf({ ...towing, limits: { trailerMax: 980, trailerAxlesMax: 960 } });
    expect(check('trailer.max').status).toBe('over');
    expect(check('trailer.axles')).toMatchObject({ status: 'within' });
    expect(check('trailer.axles').demand).toBeCloseTo(950, 9);
  });

  it('are unknown, naming what is missing, when nobody read them', () => {
    const check = checksOf(towing);
    expect(check('vehicle.max')).toMatchObject({
      status: 'unknown',
      margin: null,
      missing: [{ code: 'limit', limit: 'vehicleMax', body: 'vehicle' }],
    });
    expect(check('vehicle.technicalMax').status).toBe('notApplicable');
  });

  it('take the lowest of several figures for the coupling, from either body', () => {
    const view = caseView(towing);
    const plate = (value: number, source: 'towBar' | 'couplingHead' | 'handbook') => ({
      id: source,
      source,
      figures: [{ limit: 'ballMax' as const, value, typed: `${value}` }],
    });
    const vehicle = { ...vehicleOf(view), plates: [plate(100, 'handbook'), plate(75, 'towBar')] };
    const trailer = view.trailer && { ...view.trailer, plates: [plate(40, 'couplingHead')] };
    const found = runRulebook(compile({ ...view, vehicle, trailer })).find((check) => check.id === 'ball.max');
    expect(found).toMatchObject({ limit: 40, status: 'over' });
    expect(found?.figures.map((figure) => figure.source)).toEqual(['couplingHead', 'towBar', 'handbook']);
  });

  it('do not apply to what is not there, and say so', () => {
    const check = checksOf({ vehicle: { W: 2.8, bare: { R_front: 900, R_rear: 700 } } });
    for (const id of ['trailer.max', 'combination.max', 'tow.braked', 'ball.max', 'axle.tag']) {
      expect(check(id).status, id).toBe('notApplicable');
      expect(check(id).notes, id).toHaveLength(1);
    }
  });

  it('judge drive and tag axle by their share', () => {
    const rig: CaseRig = {
      vehicle: { rearGroup: { x_drive: 3.6, x_tag: 4.4, driveShare: 0.6 }, bare: { R_front: 1700, R_rear: 2000 } },
      limits: { rearAxleMax: 1200, tagAxleMax: 790 },
    };
    expect(checksOf(rig)('axle.rear').margin).toBeCloseTo(0, 9);
    expect(checksOf(rig)('axle.tag')).toMatchObject({ status: 'over', quantity: 'tagAxle' });
  });

  it('hold a least on the front axle where the maker states one', () => {
    const least = (frontAxleMin: number) => checksOf({ ...towing, limits: { frontAxleMin } })('axle.frontMin');
    const front = least(800).demand ?? 0;
    expect(least(front).status).toBe('within');
    expect(least(front + 1)).toMatchObject({ status: 'over', kind: 'maker', sense: 'min' });
  });

  it('keep the owner’s reserve as tight, never as over', () => {
    const rig = { ...towing, limits: { trailerMax: 1040 } };
    expect(checksOf(rig)('trailer.max').status).toBe('within');
    expect(checksOf(rig, { reserve: 50 })('trailer.max').status).toBe('tight');
  });
});

describe('what differs by country', () => {
  it.each([
    ['AU', 'legal', 'legal', 'legal'],
    ['GB', 'maker', 'maker', 'legal'],
    ['DE', 'legal', 'legal', 'legal'],
  ] as const)(
    'in %s the tow limit is %s, the coupling limit %s, the trailer axle figure %s',
    (country, tow, ball, axle) => {
      const check = checksOf(towing, { country });
      expect(check('tow.braked').kind).toBe(tow);
      expect(check('ball.max').kind).toBe(ball);
      expect(check('trailer.axles').kind).toBe(axle);
    },
  );

  it('compares the towed mass with the axle load in Germany and with the whole trailer elsewhere, and says both: over by one is not decided', () => {
    const rig = { ...towing, limits: { towBraked: 960 } };
    expect(checksOf(rig, { country: 'DE' })('tow.braked')).toMatchObject({
      status: 'within',
      quantity: 'trailerAxles',
      notes: [{ key: 'check.note.towByAxle' }],
    });
    expect(checksOf(rig, { country: 'GB' })('tow.braked')).toMatchObject({
      status: 'unknown',
      quantity: 'trailerTotal',
      missing: [{ code: 'towReading' }],
      notes: [{ key: 'check.note.towByOne' }],
    });
    expect(checksOf(rig, { country: 'AU' })('tow.braked')).toMatchObject({ status: 'over', notes: [] });
  });

  it('goes by what the papers of the vehicle mean where law does not say', () => {
    const means = (country: Country, towLimitMeans: 'whole' | 'axles') => {
      const loads = compile(made({ country, limits: { towBraked: 960 }, vehicle: { towLimitMeans } }));
      return runRulebook(loads).find(({ id }) => id === 'tow.braked');
    };
    expect(means('GB', 'whole')).toMatchObject({ status: 'over', margin: -40, notes: [] });
    expect(means('GB', 'axles')).toMatchObject({
      status: 'within',
      margin: 60,
      notes: [{ key: 'check.note.towByPapers' }],
    });
    // Law goes before papers: Germany by the axles, Australia by the whole trailer.
    expect(means('DE', 'whole')).toMatchObject({ status: 'within', margin: 60 });
    expect(means('AU', 'axles')).toMatchObject({ status: 'over', margin: -40 });
  });

  it('takes the unbraked limit for a trailer without brakes', () => {
    const rig = { ...towing, limits: { towBraked: 2000, towUnbraked: 750 } };
    const check = checksOf(rig, { braked: false });
    expect(check('tow.unbraked').status).toBe('over');
    expect(check('tow.braked').status).toBe('notApplicable');
  });

  /** A trailer of a given mass with a given load on the coupling. */
  const resting = (mass: number, ballLoad: number): CaseRig => ({
    ...towing,
    trailer: { A: 4, axles: 1, bare: { m: mass, x: 4 * (1 - ballLoad / mass) } },
  });

  it.each([
    [1500, 25, 25, 0, 'within'],
    [1500, 24.9, 25, -0.1, 'over'],
    [625, 25, 25, 0, 'within'],
    [500, 20, 20, 0, 'within'],
    [500, 19.5, 20, -0.5, 'over'],
    [1500, -10, 25, -35, 'over'],
  ])('in Germany %s kg with %s on the coupling need %s: margin %s, %s', (mass, ballLoad, limit, margin, status) => {
    const check = checksOf(resting(mass, ballLoad), { country: 'DE' })('ball.min');
    expect(check).toMatchObject({ kind: 'legal', status });
    expect(check.limit).toBeCloseTo(limit, 9);
    expect(check.margin).toBeCloseTo(margin, 9);
  });

  it('asks for the German least of a visitor too, and of nobody who stays elsewhere', () => {
    expect(checksOf(resting(1200, 10), { country: 'GB', travel: 'DE' })('ball.min')).toMatchObject({ kind: 'legal' });
    expect(() => checksOf(resting(1200, 10), { country: 'AU' })('ball.min')).toThrow('no check');
  });

  it('treats the usual band of load on the coupling as advice everywhere', () => {
    for (const country of ['AU', 'GB', 'DE'] as const) {
      const check = checksOf(resting(1000, 150), { country });
      expect(check('ball.shareHigh')).toMatchObject({ kind: 'guidance', status: 'over' });
      expect(check('ball.shareLow')).toMatchObject({ kind: 'guidance', status: 'within' });
    }
    expect(checksOf(resting(1000, 80))('ball.shareLow')).toMatchObject({ status: 'within', limit: 80 });
  });

  it('calls a light front axle advice of low confidence', () => {
    const rig: CaseRig = { vehicle: { W: 3, bare: { R_front: 1049, R_rear: 1951 } } };
    const check = checksOf(rig, { country: 'GB' })('axle.frontShare');
    expect(check).toMatchObject({ kind: 'guidance', status: 'over', source: { confidence: 'low' } });
    expect(check.margin).toBeCloseTo(-1, 9);
  });
});

describe('places with a rating', () => {
  it('are judged by what lies in them', () => {
    const view = caseView({
      vehicle: { W: 3, bare: { R_front: 900, R_rear: 900 }, masses: [{ id: 'roof', m: 60, x: 1 }] },
    });
    const rated = (value: number) => {
      const places = vehicleOf(view).places.map((place) => ({ ...place, rating: { value } }));
      const vehicle = { ...vehicleOf(view), places };
      return runRulebook(compile({ ...view, vehicle })).find((check) => check.rule === 'place.rating');
    };
    expect(rated(60)).toMatchObject({ kind: 'maker', status: 'within', margin: 0 });
    expect(rated(59)).toMatchObject({ status: 'over', margin: -1, place: { body: 'vehicle', place: 'roof' } });
  });
});

describe('every rule', () => {
  it('carries a source and a confidence in every country', () => {
    for (const country of ['AU', 'GB', 'DE'] as const) {
      const view = caseView(towing);
      const checks = runRulebook(compile({ ...view, situation: situationIn('here', 'here', country) }));
      expect(checks.length).toBeGreaterThan(12);
      for (const check of checks) {
        expect(check.source.source, check.id).not.toBe('');
        expect(['high', 'medium', 'low'], check.id).toContain(check.source.confidence);
      }
    }
  });
});

import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { informationFor } from '../rulebook/information.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { sanctions } from '../rulebook/sanctions.ts';
import { speedMissing, speedRule } from '../rulebook/speeds.ts';
import { thresholdsOf } from '../rulebook/thresholds.ts';
import type { Country } from '../situation/countries.ts';
import type { Situation } from '../situation/situation.ts';
import { caseView } from '../testing/caseRig.ts';
import { made, weightless, type Made } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { explain } from '../verdict/explain.ts';
import { factsIn } from './inForce.ts';

/** Facts that were once written down too kindly, each by its name. The plain rig: a car of 2,000 kg, a trailer of 1,000, both loaded. */
const check = (of: Made, id: string) => runRulebook(compile(made(of))).find((one) => one.id === id);

describe('the axle plate of a trailer', () => {
  it.each([
    ['DE', 'high'],
    ['FR', 'medium'],
    ['AT', 'medium'],
  ] as const)('is law in %s', (country, confidence) => {
    expect(factsIn({ country })['trailer.axles']).toMatchObject({ kind: 'legal', confidence });
    expect(check({ country, limits: { trailerAxlesMax: 800 } }, 'trailer.axles')).toMatchObject({ status: 'over' });
  });
});

describe('a towing limit nobody knows', () => {
  const enough = { vehicleMax: 2500, frontAxleMax: 1500, rearAxleMax: 1500, combinationMax: 4000, trailerMax: 1200 };
  const limits = { ...enough, trailerAxlesMax: 1100, ballMax: 150 };
  it.each(['DE', 'GB', 'FR'] as const)('leaves the verdict open in %s', (country) => {
    const seen = { breakaway: 'present' as const };
    expect(assess(made({ country, limits, trailer: seen })).mark).toBe('undecided');
    expect(assess(made({ country, limits: { ...limits, towBraked: 1500 }, trailer: seen })).legal).toBe(true);
    expect(assess(made({ country, limits: { ...limits, towBraked: 1500 } })).mark).toBe('open');
    expect(assess(made({ country, limits, alone: true })).legal).toBe(true);
  });
  it('leaves it to the law that has one of its own, in Australia', () => {
    expect(check({ limits }, 'tow.braked')).toMatchObject({ required: false, status: 'unknown' });
  });
});

describe('a trailer without brakes', () => {
  const light: Made = { trailer: { braked: false }, trailerMass: 500, vehicle: { tanks: [] } };
  const tank = { id: 'fuel', name: 'fuel', kind: 'fuel', capacityL: 50, densityKgPerL: 0.8, x: 1 } as const;
  const half = (country: Country, trailerMax: number, bare = {}) =>
    check({ ...light, country, limits: { trailerMax }, vehicle: { tanks: [tank] }, ...bare }, 'tow.half');

  it('in France goes by its plate and not by what it weighs', () => {
    // It weighs 500 kg; half of the car is 970, so that 750 is the most.
    expect(half('FR', 750)).toMatchObject({ status: 'within', limit: 750, demand: 750, kind: 'legal' });
    expect(half('FR', 751)).toMatchObject({ status: 'over', demand: 751 });
  });
  it('in Germany is half of the empty car with 75 kg, and law', () => {
    // (1,900 + 36 + 75) / 2 is more than 750.
    expect(half('DE', 2000)).toMatchObject({ kind: 'legal', limit: 750, quantity: 'trailerAxles', status: 'within' });
    expect(half('DE', 2000, { trailerMass: 900 })).toMatchObject({ status: 'over' });
  });
  it.each(['IT', 'NL', 'AT'] as const)('is advice in %s', (country) => {
    expect(factsIn({ country })['tow.half']).toMatchObject({ kind: 'guidance', confidence: 'medium' });
  });
  it('may have one axle only, in Australia', () => {
    const geometry = { axlePosition: 4, axles: 2, axleSpread: 1.1 };
    const limits = { trailerAxlesMax: 700 };
    expect(check({ ...light, limits }, 'brakes.required')?.status).toBe('within');
    expect(check({ ...light, limits, trailer: { braked: false, geometry } }, 'brakes.required')).toMatchObject({
      status: 'over',
      notes: [{ key: 'check.note.oneAxle' }],
    });
    expect(
      check({ ...light, limits, country: 'DE', trailer: { braked: false, geometry } }, 'brakes.required')?.status,
    ).toBe('within');
    // Two axles less than a metre apart count as one; how far apart nobody has said: not decided; too heavy for it, whatever they are.
    const twin = (axleSpread: number | undefined, trailerAxlesMax = 740, axles = 2) =>
      check(
        {
          ...light,
          limits: { trailerAxlesMax },
          trailer: { braked: false, geometry: { ...geometry, axles, axleSpread } },
        },
        'brakes.required',
      );
    expect(twin(0.9)?.status).toBe('within');
    expect(twin(1)?.status).toBe('over');
    expect(twin(1.1)).toMatchObject({ status: 'over', notes: [{ key: 'check.note.oneAxle' }] });
    expect(twin(undefined)).toMatchObject({ status: 'unknown', missing: [{ code: 'axleSpread' }] });
    expect(twin(undefined, 751)?.status).toBe('over');
    expect(twin(0.9, 751)?.status).toBe('over');
    expect(twin(0.9, 740, 3)?.status).toBe('over');
  });
});

describe('the D-value of a centre-axle trailer', () => {
  it('goes by its axle mass, is the maker’s, and says the stricter reading', () => {
    // 9.81 · 2 · 1.5 / 3.5 = 8.41 kN; with the whole trailer 9.81 · 2 · 2 / 4 = 9.81 kN.
    const limits = { vehicleMax: 2000, trailerMax: 2000, trailerAxlesMax: 1500, dValueKn: 9 };
    const found = check({ country: 'DE', limits }, 'coupling.dValue');
    expect(found).toMatchObject({ kind: 'maker', status: 'within', notes: [{ key: 'check.note.dByWhole' }] });
    expect(found?.demand).toBeCloseTo(8.409, 3);
  });
});

describe('the mark on a chain', () => {
  const chained = (mark: number | null, trailerMax: number) =>
    check(
      {
        limits: { trailerMax },
        trailer: {
          chains: 'present',
          chainCount: 2,
          plates: [
            { id: 'a', source: 'caravanPlate', figures: [{ limit: 'trailerMax', value: trailerMax, typed: '' }] },
            ...(mark === null
              ? []
              : [
                  {
                    id: 'c',
                    source: 'chains' as const,
                    figures: [{ limit: 'trailerPartMax' as const, value: mark, typed: '' }],
                  },
                ]),
          ],
        },
      },
      'chains.required',
    );
  it('bears the plate, and above 3,500 kg more than it, in Australia', () => {
    // Marked for exactly what the trailer may weigh.
    expect([3499, 3500, 3501].map((mass) => chained(mass, mass)?.status)).toEqual(['within', 'within', 'over']);
    expect(chained(3499, 3500)?.notes).toEqual([{ key: 'check.note.chainsWeak' }]);
    expect(chained(3501, 3501)?.notes).toEqual([{ key: 'check.note.chainsWeakHeavy' }]);
    expect(chained(3502, 3501)?.status).toBe('within');
    expect(chained(1500, 2000)?.status).toBe('over');
    expect(chained(2100, 2000)?.status).toBe('within');
    expect(chained(null, 2000)).toMatchObject({ status: 'within', notes: [{ key: 'check.note.chainsUnread' }] });
    expect(chained(null, 3600)?.status).toBe('unknown');
  });
});

describe('a light trailer that comes off', () => {
  const coming = (trailerMax: number | undefined, trailer: Made['trailer'], country: Country = 'DE') =>
    check(
      { country, limits: trailerMax === undefined ? {} : { trailerMax }, trailer: trailer ?? {} },
      'breakaway.required',
    );
  it.each(['DE', 'GB'] as const)('is held by a chain or cable up to 1,500 kg in %s', (country) => {
    expect(coming(1500, { chains: 'present' }, country)?.status).toBe('within');
    expect(coming(1501, { chains: 'present' }, country)?.status).toBe('unknown');
    expect(coming(1400, { chains: 'absent', breakaway: 'absent' }, country)?.status).toBe('over');
    // What is asked next is what has not been answered.
    expect(coming(1400, {}, country)?.missing).toMatchObject([{ code: 'breakaway' }]);
    expect(coming(1400, { breakaway: 'absent' }, country)).toMatchObject({
      status: 'unknown',
      missing: [{ code: 'chains' }],
    });
    expect(coming(1501, { breakaway: 'absent', chains: 'present' }, country)?.status).toBe('over');
    expect(coming(1400, { breakaway: 'present' }, country)?.status).toBe('within');
    expect(coming(undefined, { chains: 'present' }, country)?.status).toBe('unknown');
  });
});

describe('an Australian licence of class MR', () => {
  it('covers what LR covers, whatever its axles, and more with two', () => {
    const motorhome = (vehicleMax: number, tag: boolean) =>
      check(
        {
          alone: true,
          limits: { vehicleMax },
          situation: { licence: { issuer: 'AU', classes: ['auMR'] } },
          vehicle: {
            build: 'motorhome',
            geometry: { wheelbase: 4, ...(tag ? { tagAxle: { offset: 0.8, driveShare: 0.5 } } : {}) },
          },
        },
        'people.licence',
      )?.status;
    expect([motorhome(3900, true), motorhome(8000, true), motorhome(8001, true), motorhome(12_000, false)]).toEqual([
      'within',
      'within',
      'over',
      'within',
    ]);
  });
});

describe('what overloading costs in Switzerland', () => {
  it('goes by kilograms to 100, then by shares', () => {
    const fine = (vehicleMax: number) => {
      const loads = compile(made({ country: 'CH', alone: true, limits: { vehicleMax } }));
      const found = sanctions(loads, runRulebook(loads)).find((one) => one.check.id === 'vehicle.max');
      return [found?.band?.amount, found?.beyond ?? null];
    };
    // It weighs 1,900 kg: 90, 100 and 101 too much are below 5.6 %; 5 % of 1,800 are 90.
    expect(fine(1850)).toEqual([100, null]);
    expect(fine(1815)).toEqual([100, null]);
    const heavy = (over: number) => {
      const view = caseView({
        vehicle: { W: 3, bare: { R_front: 1600, R_rear: 1900 } },
        limits: { vehicleMax: 3500 - over },
      });
      const there = { ...view.situation, vehicle: { country: 'CH' as const }, travel: { country: 'CH' as const } };
      const loads = compile({ ...view, situation: there });
      return sanctions(loads, runRulebook(loads)).find((one) => one.check.id === 'vehicle.max')?.band?.amount;
    };
    expect([heavy(100), heavy(101)]).toEqual([100, 200]);
  });
});

describe('speeds', () => {
  const speed = (country: Country, of: Made, state?: 'NSW') => {
    const found = speedRule(compile(made(of)), { country, ...(state ? { state } : {}) });
    return found && [found.as, found.rural, found.motorway];
  };
  const heavy = { limits: { vehicleMax: 3501, trailerMax: 1000 } };
  const alone = (vehicleMax: number, build: 'motorhome' | 'ute' | 'van' = 'motorhome'): Made => ({
    alone: true,
    limits: { vehicleMax },
    vehicle: { build },
  });

  it('of a heavy motor caravan with a trailer are 80 in the Netherlands and Switzerland', () => {
    expect(speed('NL', heavy)).toEqual(['heavyTowing', 80, 80]);
    expect(speed('CH', heavy)).toEqual(['heavyTowing', 80, 80]);
  });
  it('above 7,500 kg are 60 and 80 in Germany', () => {
    expect(speed('DE', alone(7500))).toEqual(['heavy', 80, 100]);
    expect(speed('DE', alone(7501))).toEqual(['veryHeavy', 60, 80]);
  });
  it('of pick-ups and vans above 2,040 kg with nothing in them are those of goods vehicles in Britain', () => {
    const bare = (total: number, build: 'ute' | 'van' | 'motorhome'): Made => ({
      ...alone(3500, build),
      vehicle: { build, emptyMass: { basis: 'dry', source: 'other', total } },
    });
    // A panel van of 1,950 kg is no dual-purpose vehicle, whatever it weighs; a pick-up may be one: its papers say.
    expect(speed('GB', bare(1950, 'van'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', bare(1950, 'ute'))).toBeNull();
    const classed = (total: number, classedAs: 'goods' | 'dualPurpose' | 'carDerived', vehicleMax = 3500): Made => ({
      ...alone(vehicleMax, 'ute'),
      vehicle: { build: 'ute', classedAs, emptyMass: { basis: 'dry', source: 'other', total } },
    });
    expect(speed('GB', classed(2040, 'dualPurpose'))).toEqual(['car', 60, 70]);
    expect(speed('GB', classed(2041, 'dualPurpose'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', classed(1700, 'goods'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', classed(1300, 'carDerived', 2000))).toEqual(['car', 60, 70]);
    expect(speed('GB', classed(1300, 'carDerived', 2001))).toEqual(['goods', 50, 70]);
    expect(speed('GB', bare(2040, 'van'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', bare(2041, 'van'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', bare(2041, 'ute'))).toEqual(['goods', 50, 70]);
    expect(speed('GB', bare(2041, 'motorhome'))).toEqual(['car', 60, 70]);
    expect(speed('GB', bare(3051, 'motorhome'))).toEqual(['heavy', 50, 70]);
    expect(speedMissing(compile(weightless(made(alone(3500, 'ute')))), { country: 'GB' })?.code).toBe('emptyMass');
    // A plate that is lower settles it, whatever it weighs.
    expect(speedMissing(compile(weightless(made(alone(2040, 'ute')))), { country: 'GB' })?.code).toBe('classedAs');
    // With a trailer nobody has to know it.
    expect(speedRule(compile(weightless(made({ limits: { vehicleMax: 3500 } }))), { country: 'GB' })?.as).toBe(
      'towing',
    );
  });
  it('above 4,500 kg are 100 at most in New South Wales, alone too', () => {
    expect(speed('AU', alone(4501), 'NSW')).toEqual(['heavy', 100, 100]);
    expect(speed('AU', alone(4500), 'NSW')).toBeNull();
  });
  it('with a heavier trailer ask for the empty mass of the car in Austria', () => {
    const found = speedRule(compile(made({ limits: { vehicleMax: 2000, trailerMax: 1000 } })), { country: 'AT' });
    expect(found).toMatchObject({ as: 'towing', asks: 'trailerWithinEmpty', confidence: 'medium' });
  });
});

describe('things to know', () => {
  const told = (country: Country, of: Made = {}) =>
    informationFor(compile(made({ country, ...of })))
      .filter(({ bears }) => bears === 'yes')
      .map(({ facts }) => facts.id);
  const long: Made = { vehicle: { geometry: { wheelbase: 4, frontOverhang: 1, rearOverhang: 2.1 } }, alone: true };

  it('of lanes in Italy and France bind every combination above 7 m, alone too', () => {
    expect(told('IT', long)).toContain('itLanes');
    expect(told('FR', long)).toContain('frOvertaking');
    const shorter = { ...long, vehicle: { geometry: { wheelbase: 4, frontOverhang: 1, rearOverhang: 2 } } };
    expect(told('IT', shorter)).not.toContain('itLanes');
  });
  it('of tolls in Austria go by the technical mass', () => {
    expect(told('AT', { alone: true, limits: { vehicleMax: 3500, vehicleTechnicalMax: 3850 } })).toContain('atToll');
    expect(told('AT', { alone: true, limits: { vehicleMax: 3500, vehicleTechnicalMax: 3500 } })).not.toContain(
      'atToll',
    );
  });
  it.each(['NL', 'AT', 'CH'] as const)('of the breakaway cable are told in %s', (country) => {
    expect(told(country)).toContain('fixedEye');
  });
  it('of a French trailer above 500 kg are its own registration', () => {
    expect(told('FR', { limits: { trailerMax: 501 } })).toContain('frRegistration');
    expect(told('FR', { limits: { trailerMax: 500 } })).not.toContain('frRegistration');
  });
  it('of heavy rigs in Western Australia and the Northern Territory are not of the national law', () => {
    const limits = { vehicleMax: 4501, trailerMax: 1000 };
    expect(told('AU', { state: 'WA', limits })).toContain('auHeavyElsewhere');
    expect(told('AU', { state: 'WA', limits })).not.toContain('auHeavyBands');
    expect(told('AU', { state: 'NSW', limits })).toContain('auHeavyBands');
  });
  it('of a car towed on its wheels are told to motor caravans in Britain, Australia and abroad', () => {
    const camper: Made = { alone: true, vehicle: { build: 'motorhome' } };
    expect(told('GB', camper)).toContain('ukTowedCar');
    expect(told('AU', camper)).toContain('auTowedCar');
    expect(told('FR', camper)).toContain('euTowedCar');
  });
});

describe('marks', () => {
  const ids = (country: Country, of: Made) =>
    thresholdsOf(compile(made({ country, ...of }))).map(({ facts }) => facts.id);
  it.each([
    ['GB', 'ukLicenceC'],
    ['GB', 'ukSumOld'],
    ['GB', 'ukSumC1E'],
    ['GB', 'ukTowed'],
    ['GB', 'ukSpeed'],
    ['DE', 'deHeavySpeed'],
    ['DE', 'euSumC1E'],
  ] as const)('in %s know %s', (country, id) => {
    expect(ids(country, { limits: { vehicleMax: 7000, trailerMax: 3000 } })).toContain(id);
  });
});

describe('what an excess tends to cost', () => {
  const costs = (country: Country, of: Made) => {
    const { loads, checks } = assess(made({ country, ...of }));
    return sanctions(loads, checks);
  };
  const by = (share: number): Made => ({ alone: true, limits: { vehicleMax: 1900 / (1 + share) } });

  it('by the German bands is for masses; the ball load has an entry of its own that is not known', () => {
    expect(costs('DE', { limits: { ballMax: 50 } })).toMatchObject([
      { band: null, facts: { of: 'ball', how: 'none' } },
    ]);
  });
  it.each([
    ['CH', 0.06, 'proceedings'],
    ['CH', 0.04, null],
    ['GB', 0.31, 'court'],
    ['GB', 0.29, null],
    ['FR', 0.21, 'higherClass'],
    ['FR', 0.19, null],
  ] as const)('in %s at %d is %s', (country, share, beyond) => {
    expect(costs(country, by(share))).toMatchObject([{ beyond }]);
  });
  it('is nothing where the rule itself is not well known', () => {
    // What an Italian car may tow without brakes is of low confidence.
    const found = costs('IT', { trailer: { braked: false }, limits: { towUnbraked: 700, vehicleMax: 1800 } });
    expect(found.map(({ check: one }) => one.id)).toContain('vehicle.max');
    expect(found.map(({ check: one }) => one.id)).not.toContain('tow.unbraked');
  });
});

it('the arithmetic of a D-value ends at what is compared, by the axle mass as the check', () => {
  const rig = made({
    country: 'DE',
    limits: { vehicleMax: 2000, trailerMax: 2000, trailerAxlesMax: 1500 },
    vehicle: { plates: [] },
    trailer: {},
  });
  const plates = [
    { id: 'p', source: 'vehiclePlate' as const, figures: [{ limit: 'vehicleMax' as const, value: 2000, typed: '' }] },
    { id: 'b', source: 'towBar' as const, figures: [{ limit: 'dValueKn' as const, value: 10, typed: '' }] },
  ];
  const assessment = assess({ ...rig, vehicle: rig.vehicle && { ...rig.vehicle, plates } });
  const demand = assessment.checks.find(({ id }) => id === 'coupling.dValue')?.demand;
  // 9.81 · 2 · 1.5 / 3.5
  expect(demand).toBeCloseTo(8.4086, 3);
  const steps = explain(assessment, 'coupling.dValue')?.steps ?? [];
  expect(steps.some(({ op, result }) => op === 'quotient' && Math.abs(result.value - (demand ?? 0)) < 1e-6)).toBe(true);
});

describe('100 km/h in Germany', () => {
  /** The trailer that may just be drawn at 100 behind 1,500 kg in the papers: its factor times that. */
  const most = (trailer: Made['trailer'], vehicle: Made['vehicle'] = {}) =>
    check(
      {
        country: 'DE',
        limits: { trailerMax: 1000, vehicleMax: 2600, towBraked: 2600 },
        vehicle: {
          plates: [
            ...(['emptyStated', 'vehicleMax', 'towBraked'] as const).map((limit, at) => ({
              id: `p${at}`,
              source: 'registration' as const,
              figures: [{ limit, value: limit === 'emptyStated' ? 1500 : 2600, typed: '' }],
            })),
          ],
          ...vehicle,
        },
        trailer: { dampers: 'present', ...trailer },
      },
      'road.hundred',
    )?.limit;

  it('knows other factors for trailers that are no caravans, and a system of the car for a stabiliser', () => {
    expect(most({})).toBe(1200);
    expect(most({ stabiliser: 'present' })).toBe(1500);
    expect(most({}, { trailerStability: 'present' })).toBe(1500);
    expect(most({ goods: 'present' })).toBeCloseTo(1650, 6);
    expect(most({ goods: 'present', stabiliser: 'present' })).toBeCloseTo(1800, 6);
    expect(most({ dampers: 'absent' })).toBe(450);
  });
});

describe('facts that have aged', () => {
  const limits = { vehicleMax: 2500, frontAxleMax: 1500, rearAxleMax: 1500 };
  const on = (date: string, of: Partial<Made> = {}) =>
    assess(made({ country: 'DE', alone: true, limits, ...of, situation: { date } }));

  it('never give an unqualified “legal”, and are named where the verdict passes by them', () => {
    expect(on('2031-11-28')).toMatchObject({ legal: true });
    const late = on('2031-11-29');
    expect(late).toMatchObject({ legal: null, mark: 'legal', sentence: { key: 'verdict.asFarAsReviewed' } });
    expect(late.sentence.params?.['day']).toBe('2031-11-28');
    expect(late.checks.find(({ id }) => id === 'vehicle.max')?.source.confidence).toBe('medium');
    // Licences are gone through again every second year: two weeks after that, a licence that covers is not called certain.
    const licence: Pick<Situation, 'licence'> = { licence: { issuer: 'DE', classes: ['B'] } };
    const licensed = (date: string) =>
      assess(made({ country: 'DE', alone: true, limits, situation: { date, ...licence } }));
    expect([licensed('2028-11-28').legal, licensed('2028-11-29').legal]).toEqual([true, null]);
    // Of several the one that is overdue longest is named.
    expect(licensed('2032-01-01').sentence.params).toMatchObject({
      day: '2028-11-28',
      rule: { key: 'rule.people.licence' },
    });
  });

  it('soften only what passes: over stays over', () => {
    const over = on('2040-01-01', { limits: { ...limits, vehicleMax: 1800 } });
    expect(over).toMatchObject({ legal: false, mark: 'over' });
    expect(over.checks.find(({ id }) => id === 'vehicle.max')?.source.confidence).toBe('high');
  });

  it('are not known for days long past', () => {
    expect(on('2023-01-01')).toMatchObject({ legal: true });
    expect(on('2022-12-31')).toMatchObject({ legal: null, sentence: { key: 'verdict.notKnownThen' } });
    // Nobody knows here whether it was too heavy by the law of that day.
    expect(on('2015-06-01', { limits: { ...limits, vehicleMax: 1800 } }).legal).toBeNull();
  });

  it('of speeds that began on a known day are as they were before it', () => {
    const speed = (country: Country, date: string, alone = false) => {
      const found = speedRule(
        compile(made({ alone, limits: { vehicleMax: 1900, trailerMax: 1000 }, situation: { date } })),
        {
          country,
        },
      );
      return [found?.rural, found?.motorway, found?.confidence];
    };
    expect([speed('CH', '2020-12-31'), speed('CH', '2021-01-01')]).toEqual([
      [80, 80, 'low'],
      [80, 100, 'medium'],
    ]);
    expect([speed('FR', '2018-06-30', true), speed('FR', '2018-07-01', true)]).toEqual([
      [90, 130, 'low'],
      [80, 130, 'high'],
    ]);
    expect([speed('NL', '2020-03-15', true)[1], speed('NL', '2020-03-16', true)[1]]).toEqual([130, 100]);
    expect([speed('ES', '2019-01-28', true)[0], speed('ES', '2019-01-29', true)[0]]).toEqual([100, 90]);
  });
});

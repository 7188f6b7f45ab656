import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { situationIn, type Situation } from '../situation/situation.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import { covers, type Cover, type LicensedMasses } from '../rules/licenceLaw.ts';
import type { Licence, LicenceClass } from '../situation/licence.ts';
import { caseView, vehicleOf, type CaseRig } from '../testing/caseRig.ts';
import { assess } from '../verdict/assess.ts';
import { runRulebook } from './runRulebook.ts';

const rig = (vehicleMax: number, trailerMax?: number): CaseRig => ({
  vehicle: { W: 3, h: 1, bare: { R_front: 900, R_rear: 800 } },
  ...(trailerMax === undefined ? {} : { trailer: { A: 4, axles: 1, bare: { m: 600, x: 3.7 } } }),
  limits: { vehicleMax, ...(trailerMax === undefined ? {} : { trailerMax }) },
});
/** Somebody at the wheel of a motor caravan. */
const driven = (one: CaseRig, licence: Licence, situation: Partial<Situation> = {}): RigView => {
  const view = caseView(one);
  return {
    ...view,
    vehicle: { ...vehicleOf(view), build: 'motorhome' },
    situation: { ...situationIn('here', 'here', licence.issuer), licence, ...situation },
  };
};
const check = (view: RigView, id: string) => runRulebook(compile(view)).find((found) => found.id === id);

const cover = (licence: Licence, held: LicenceClass, masses: LicensedMasses, day?: string, abroad?: boolean): Cover => {
  const law = lawOf(licence.issuer).licences;
  if (!law) throw new RangeError(licence.issuer);
  return covers(law, licence, held, masses, { day, abroad });
};

describe('what a class covers, by the plates', () => {
  it.each<[Licence['issuer'], LicenceClass, number, number | null, Cover]>([
    ['GB', 'B', 3500, 3500, 'yes'],
    ['GB', 'B', 3501, null, 'no'],
    ['GB', 'B', 3000, 3501, 'no'],
    ['GB', 'C1', 7500, 750, 'yes'],
    ['GB', 'C1', 7500, 751, 'no'],
    ['GB', 'C1', 7501, null, 'no'],
    ['DE', 'C1', 7501, null, 'no'],
    ['DE', 'B', 3500, 750, 'yes'],
    ['DE', 'B', 2000, 1500, 'yes'],
    ['DE', 'B', 2000, 1501, 'no'],
    ['DE', 'B96', 2000, 2250, 'yes'],
    ['DE', 'B96', 2000, 2251, 'no'],
    ['DE', 'BE', 3500, 3500, 'yes'],
    ['DE', 'C1', 3501, null, 'yes'],
    ['DE', 'C1E', 7500, 4500, 'yes'],
    ['DE', 'C1E', 7500, 4501, 'no'],
    ['AU', 'auC', 4500, 3500, 'yes'],
    ['AU', 'auC', 4501, null, 'no'],
    ['AU', 'auLR', 8000, null, 'yes'],
    ['AU', 'auLR', 8001, null, 'no'],
    ['AU', 'auMR', 8001, null, 'yes'],
    ['CH', 'B96', 2000, 2250, 'check'],
    // The sum of the plates counts only with a trailer above 750 kg.
    ['GB-NIR', 'B', 3500, 750, 'yes'],
    ['GB-NIR', 'B', 2750, 751, 'no'],
    ['GB-NIR', 'B', 2749, 751, 'yes'],
  ])('%s %s: %d with %s is %s', (issuer, held, vehicle, trailer, want) => {
    expect(cover({ issuer, classes: [held] }, held, { vehicle, trailer })).toBe(want);
  });
});

describe('what a class covers, by day and place', () => {
  const b: Licence = { issuer: 'GB', classes: ['B'] };
  it('began in December 2021 for a heavy trailer behind a British B', () => {
    expect(cover(b, 'B', { vehicle: 3000, trailer: 2000 }, '2021-12-15')).toBe('no');
    expect(cover(b, 'B', { vehicle: 3000, trailer: 2000 }, '2021-12-16')).toBe('yes');
    expect(cover(b, 'B', { vehicle: 2500, trailer: 1000 }, '2021-12-15')).toBe('yes');
  });
  it('is British only, and since June 2025, for a zero-emission vehicle to 4,250 kg', () => {
    const masses = { vehicle: 4250, trailer: null, zeroEmission: true };
    expect(cover(b, 'B', masses, '2025-06-09')).toBe('no');
    expect(cover(b, 'B', masses, '2025-06-10')).toBe('yes');
    expect(cover(b, 'B', masses, '2025-06-10', true)).toBe('no');
    expect(cover(b, 'B', { ...masses, zeroEmission: false }, '2026-06-10')).toBe('no');
  });
  it('ends at two axles for an Australian MR', () => {
    const mr: Licence = { issuer: 'AU', classes: ['auMR'] };
    expect(cover(mr, 'auMR', { vehicle: 9000, trailer: null, axles: 2 })).toBe('yes');
    expect(cover(mr, 'auMR', { vehicle: 9000, trailer: null, axles: 3 })).toBe('no');
    expect(cover(mr, 'auHR', { vehicle: 9000, trailer: null, axles: 3 })).toBe('yes');
  });
  it('is limited to 8,250 kg where C1E came along or a code says so, not where it was tested', () => {
    const heavy = { vehicle: 6000, trailer: 3000 };
    const old = { issuer: 'GB', tested: 'before1997' } as const;
    expect(cover({ ...old, classes: ['B'] }, 'C1E', heavy)).toBe('no');
    expect(cover({ ...old, classes: ['B', 'C1E'] }, 'C1E', heavy)).toBe('yes');
    expect(cover({ ...old, classes: ['B', 'C1E'], codes: ['107'] }, 'C1E', heavy)).toBe('no');
  });
  it('may be more for an old BE on the continent too', () => {
    const be: Licence = { issuer: 'DE', classes: ['BE'], tested: '1997to2012' };
    expect(cover(be, 'BE', { vehicle: 3500, trailer: 3501 })).toBe('check');
    expect(cover({ ...be, tested: 'since2013' }, 'BE', { vehicle: 3500, trailer: 3501 })).toBe('no');
  });
});

describe('a van plated 3,850 kg and a German B', () => {
  const on = (date: string) => check(driven(rig(3850), { issuer: 'DE', classes: ['B'] }, { date }), 'people.licence');
  it('is not covered today, and sees the coming rule as coming', () => {
    expect(on('2026-12-01')?.status).toBe('over');
    expect(on('2026-12-01')?.notes.map(({ key }) => key)).toContain('licence.coming');
  });
  it('is not known in 2030: the rule is expected, and awaits national law', () => {
    expect(on('2030-01-01')).toMatchObject({
      status: 'unknown',
      notes: [{ key: 'licence.coming', params: { year: 2029 } }, { key: 'licence.account.mayCover' }],
    });
  });
  it('hears nothing of it in a van that is no motor caravan', () => {
    const view = driven(rig(3850), { issuer: 'DE', classes: ['B'] }, { date: '2030-01-01' });
    const plain: RigView = { ...view, vehicle: { ...vehicleOf(view), build: 'van' } };
    expect(check(plain, 'people.licence')?.status).toBe('over');
    expect(check(plain, 'people.licence')?.notes.map(({ key }) => key)).not.toContain('licence.coming');
  });
  it('hears nothing of it at a mass the rule does not reach', () => {
    const heavy = check(driven(rig(4251), { issuer: 'DE', classes: ['B'] }, { date: '2030-01-01' }), 'people.licence');
    expect(heavy?.status).toBe('over');
    expect(heavy?.notes.map(({ key }) => key)).not.toContain('licence.coming');
  });
});

describe('several drivers', () => {
  const drivers = [{ id: 'a', name: 'Ada', licence: { issuer: 'DE', classes: ['C1'] } as Licence }];
  const view = driven(rig(3850), { issuer: 'DE', classes: ['B'] }, { drivers });
  it('are each judged; whoever may not breaks nothing where another may', () => {
    expect(check(view, 'people.licence:a')).toMatchObject({ kind: 'legal', status: 'within' });
    expect(check(view, 'people.licence')).toMatchObject({ kind: 'permit', status: 'over' });
    expect(assess(view).mark).not.toBe('over');
  });
  it('of whom one is new and may not tow break nothing where another may', () => {
    const towing = { ...rig(2300, 1000), trailer: { A: 4, axles: 1, bare: { m: 900, x: 3.7 } } };
    const travel = { country: 'AU', state: 'NSW' } as const;
    const old: Licence = { issuer: 'AU', classes: ['auC'] };
    const young = [{ id: 'y', name: 'Yara', licence: { ...old, novice: 'p1' } as Licence }];
    const both = driven(towing, old, { travel, drivers: young });
    expect(check(both, 'people.novice:y')).toMatchObject({ kind: 'permit', status: 'over' });
    const alone = driven(towing, { ...old, novice: 'p1' }, { travel });
    expect(check(alone, 'people.novice')).toMatchObject({ kind: 'legal', status: 'over' });
  });
  it('of whom none may make it unlawful', () => {
    const none = [{ ...drivers[0]!, licence: { issuer: 'DE', classes: ['B'] } as Licence }];
    expect(assess({ ...view, situation: { ...view.situation, drivers: none } }).mark).toBe('over');
  });
});

describe('what ends', () => {
  const notes = (licence: Licence) =>
    check(driven(rig(3850), licence), 'people.licence')
      ?.notes.map(({ key }) => key)
      .filter((key) => !key.startsWith('licence.account'));
  it('is said of a C1: inherited ones at 70, tested ones by their renewal, continental ones after five years', () => {
    expect(notes({ issuer: 'GB', classes: ['B'], tested: 'before1997', age: 69 })).toEqual(['licence.endsAt']);
    expect(notes({ issuer: 'GB', classes: ['B'], tested: 'before1997', age: 50 })).toEqual([]);
    expect(notes({ issuer: 'GB', classes: ['B'], tested: 'before1997', age: 70 })).toContain('licence.endsAt');
    expect(notes({ issuer: 'GB', classes: ['B', 'C1'], age: 46 })).toEqual(['licence.renewedBritish']);
    expect(notes({ issuer: 'DE', classes: ['B', 'C1'] })).toEqual(['licence.renewedEurope']);
    expect(notes({ issuer: 'DE', classes: ['B', 'C1', 'C'] })).toEqual([]);
  });
});

describe('the licence check', () => {
  it('tells a driver without the class for 3,850 kg so, and what would help', () => {
    const view = driven(rig(3850), { issuer: 'DE', classes: ['B'] });
    expect(check(view, 'people.licence')).toMatchObject({ kind: 'legal', status: 'over', margin: null });
    expect(check(view, 'people.licence')?.notes).toMatchObject([
      { key: 'licence.asked' },
      { key: 'licence.wouldCover', params: { needed: { key: 'licence.class.C1' } } },
      { key: 'licence.downrate' },
      { key: 'licence.coming' },
      { key: 'licence.account.doesNot', params: { held: { key: 'licence.class.B' } } },
    ]);
    expect(assess(view)).toMatchObject({ legal: false, mark: 'over' });
  });

  it('goes by the plate, however little the rig weighs', () => {
    // The case weighs 1,700 kg on a plate of 3,850.
    const view = driven(rig(3850), { issuer: 'GB', classes: ['B'] });
    expect(compile(view).values.vehicleTotal).toMatchObject({ value: 1700 });
    expect(check(view, 'people.licence')?.status).toBe('over');
  });

  it('counts what an old British test brought along, to its own limit', () => {
    const old: Licence = { issuer: 'GB', classes: ['B'], tested: 'before1997' };
    expect(check(driven(rig(3850), old), 'people.licence')?.status).toBe('within');
    expect(check(driven(rig(6000, 2250), old), 'people.licence')?.status).toBe('within');
    expect(check(driven(rig(6000, 2251), old), 'people.licence')?.status).toBe('over');
  });

  it('says nothing where nobody said what is held, and is unknown without the plates', () => {
    expect(check(caseView(rig(3850)), 'people.licence')).toBeUndefined();
    const bare = driven({ vehicle: { W: 3, bare: { R_front: 900, R_rear: 800 } } }, { issuer: 'DE', classes: ['B'] });
    expect(check(bare, 'people.licence')).toMatchObject({ status: 'unknown', required: false });
    expect(check(bare, 'people.licence')?.missing).toHaveLength(1);
  });
});

describe('a new driver in Australia', () => {
  const p = (novice: NonNullable<Licence['novice']>, state: 'NSW' | 'VIC' | 'QLD', empty: number) => {
    const one = rig(2300, 1000);
    const view = driven(
      { ...one, trailer: { A: 4, axles: 1, bare: { m: empty, x: 3.7 } } },
      { issuer: 'AU', classes: ['auC'], novice },
      { travel: { country: 'AU', state } },
    );
    return check(view, 'people.novice')?.status;
  };

  it('on P1 in New South Wales tows 250 kg unladen and no more', () => {
    expect(p('p1', 'NSW', 250)).toBe('within');
    expect(p('p1', 'NSW', 251)).toBe('over');
    expect(p('learner', 'NSW', 100)).toBe('over');
    expect(p('p2', 'NSW', 900)).toBe('within');
  });

  it('of the capital tows what is plated 750 kg to the kilogram, also where another figure stands lower', () => {
    const plated = (...figures: readonly number[]) => {
      const view = driven(
        rig(2300, 1000),
        { issuer: 'AU', classes: ['auC'], novice: 'p1' },
        { travel: { country: 'AU', state: 'ACT' } },
      );
      const plates = figures.map((value, at) => ({
        id: `plate-${String(at)}`,
        source: at === 0 ? ('caravanPlate' as const) : ('certificate' as const),
        figures: [{ limit: 'trailerMax' as const, value, typed: String(value) }],
      }));
      const trailer = view.trailer && { ...view.trailer, plates };
      return check({ ...view, trailer }, 'people.novice')?.status;
    };
    expect([plated(750), plated(751)]).toEqual(['within', 'over']);
    expect(plated(700, 750)).toBe('within');
    expect(plated(700, 751)).toBe('unknown');
  });

  it('is asked in every state of the journey, and the strictest answers', () => {
    const one = { ...rig(2300, 1000), trailer: { A: 4, axles: 1, bare: { m: 200, x: 3.7 } } };
    const through = [{ country: 'AU', state: 'VIC' }] as const;
    const travel = { country: 'AU', state: 'NSW' } as const;
    const licence: Licence = { issuer: 'AU', classes: ['auC'], novice: 'p1' };
    expect(check(driven(one, licence, { travel }), 'people.novice')?.status).toBe('within');
    expect(check(driven(one, licence, { travel, through: [...through] }), 'people.novice')?.status).toBe('over');
  });

  it('on P1 in Victoria tows nothing, and elsewhere it is not known', () => {
    expect(p('p1', 'VIC', 100)).toBe('over');
    expect(p('p1', 'QLD', 100)).toBe('unknown');
  });
});

describe('a trailer without brakes', () => {
  const unbraked = (country: 'AU' | 'GB' | 'DE', trailerMax: number, mass: number) => {
    const view = caseView({ ...rig(2300, trailerMax), trailer: { A: 4, axles: 1, bare: { m: mass, x: 3.7 } } });
    const fuel = { id: 'fuel', name: 'fuel', kind: 'fuel' as const, capacityL: 50, densityKgPerL: 0.8, x: 2 };
    return {
      ...view,
      vehicle: { ...vehicleOf(view), tanks: [fuel] },
      trailer: view.trailer && { ...view.trailer, braked: false },
      situation: situationIn('here', 'here', country),
    };
  };

  it('may be plated 750 kg, whatever is loaded', () => {
    for (const country of ['AU', 'GB', 'DE'] as const) {
      expect(check(unbraked(country, 750, 400), 'brakes.required'), country).toMatchObject({
        status: 'within',
        margin: 0,
      });
      expect(check(unbraked(country, 751, 400), 'brakes.required'), country).toMatchObject({ status: 'over' });
    }
    expect(
      check({ ...unbraked('GB', 751, 400), trailer: caseView(rig(2300, 751)).trailer }, 'brakes.required'),
    ).toBeUndefined();
  });

  it('may weigh half the empty vehicle, as each country counts it', () => {
    // Bare 1,700 kg; kerb with 40 kg of fuel 1,740, half is 870. Running order 1,700 + 36 + 75 = 1,811, half 905.5, at most 750.
    expect(check(unbraked('GB', 1000, 870), 'tow.half')).toMatchObject({ limit: 870, status: 'within' });
    expect(check(unbraked('GB', 1000, 871), 'tow.half')).toMatchObject({ status: 'over' });
    expect(check(unbraked('DE', 1000, 740), 'tow.half')).toMatchObject({ limit: 750, quantity: 'trailerAxles' });
    expect(check(unbraked('AU', 1000, 870), 'tow.half')).toBeUndefined();
    const noTank = { ...unbraked('GB', 1000, 870), vehicle: caseView(rig(2300, 1000)).vehicle };
    expect(check(noTank, 'tow.half')).toMatchObject({ status: 'unknown', missing: [{ code: 'fuelTank' }] });
  });

  it('falls back on the empty vehicle in Australia where its maker says nothing', () => {
    // Tare 1,700 + 8 = 1,708: once that without brakes, one and a half times with them.
    expect(check(unbraked('AU', 1000, 900), 'tow.fallback')).toMatchObject({ limit: 1708, status: 'within' });
    const braked = { ...unbraked('AU', 1000, 900), trailer: caseView(rig(2300, 1000)).trailer };
    expect(check(braked, 'tow.fallback')?.limit).toBe(2562);
    expect(check(unbraked('GB', 1000, 900), 'tow.fallback')).toBeUndefined();
  });
});

describe('the day of birth', () => {
  const licence: Licence = { issuer: 'GB', classes: ['B'], tested: 'before1997', born: '1957-05-20' };
  const on = (date: string) => check(driven(rig(5000), licence, { date }), 'people.licence');

  it('lets an inherited C1 end on the seventieth birthday, between two dates of one plan', () => {
    expect(on('2027-05-19')).toMatchObject({ status: 'within' });
    expect(on('2027-05-19')?.notes[0]?.key).toBe('licence.endsAt');
    expect(on('2027-05-20')).toMatchObject({ status: 'over' });
    expect(on('2027-05-20')?.notes.map(({ key }) => key)).toContain('licence.endsAt');
  });

  it('is not needed where the day is known on which an age was said: it grows by a year with every new year', () => {
    const aged = (age: number, ageOn: string | undefined, date: string) => {
      const said = { ...licence, born: undefined, age, ...(ageOn ? { ageOn } : {}) };
      return check(driven(rig(5000), said, { date }), 'people.licence')?.status;
    };
    expect(aged(67, '2026-12-01', '2026-12-01')).toBe('within');
    expect(aged(67, '2026-12-01', '2028-06-01')).toBe('within');
    expect(aged(67, '2026-12-01', '2029-01-01')).toBe('over');
    expect(aged(67, '2026-12-01', '2032-01-01')).toBe('over');
    // Looked back on, nobody was older.
    expect(aged(67, '2026-12-01', '2020-01-01')).toBe('within');
  });

  it('says of every class that was looked at what it allows, and of one that covers that alone', () => {
    const account = (classes: LicenceClass[], vehicleMax: number) =>
      check(
        driven(rig(vehicleMax), { issuer: 'DE', classes }, { date: '2026-06-01' }),
        'people.licence',
      )?.notes.flatMap(({ key, params }) =>
        key.startsWith('licence.account') ? [[key, (params?.['held'] as Message).key]] : [],
      );
    expect(account(['B', 'BE'], 3880)).toEqual([
      ['licence.account.doesNot', 'licence.class.B'],
      ['licence.account.doesNot', 'licence.class.BE'],
    ]);
    expect(account(['B', 'C1'], 3880)).toEqual([['licence.account.covers', 'licence.class.C1']]);
    expect(account(['de3'], 7500)).toEqual([['licence.account.covers', 'licence.class.de3']]);
  });

  it('of what is only expected settles nothing: over until the day before, then not decided', () => {
    const on = (date: string) =>
      assess(driven({ ...rig(3880), limits: { vehicleMax: 3880 } }, { issuer: 'DE', classes: ['B'] }, { date }));
    const licenceOf = (date: string) => on(date).checks.find(({ id }) => id === 'people.licence')?.status;
    expect([licenceOf('2029-11-25'), licenceOf('2029-11-26')]).toEqual(['over', 'unknown']);
    expect([on('2029-11-25').legal, on('2029-11-26').legal]).toEqual([false, null]);
  });

  it('goes before an age that was stated', () => {
    const both = { ...licence, age: 40 };
    expect(check(driven(rig(5000), both, { date: '2027-05-20' }), 'people.licence')?.status).toBe('over');
  });
});

describe("Germany's class 3 of before 1999", () => {
  const old: Licence = { issuer: 'DE', classes: ['de3'] };
  it.each<[number, number | null, Cover]>([
    [3500, null, 'yes'],
    [2000, 1500, 'yes'],
    [7500, null, 'yes'],
    [3000, 2000, 'check'],
    [7501, null, 'no'],
  ])('%d with %s: %s', (vehicle, trailer, want) => {
    expect(cover(old, 'de3', { vehicle, trailer })).toBe(want);
  });
});

import { describe, expect, it } from 'vitest';
import { countries, type Country } from '../situation/countries.ts';
import { ballSchools, type AustralianState, type BallSchool } from '../situation/situation.ts';
import { compile } from '../loads/compile.ts';
import { exampleView } from '../testing/examples.ts';
import { bandFor } from '../rules/ballBand.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { allLaws, lawOf } from '../jurisdictions/laws.ts';

/**
 * Every number that a rule names, written a second time by hand from the texts of the regions: a change of any of them in
 * the facts is noticed here, and has to be meant twice.
 */
type Figures = Readonly<Record<string, number | true>>;
/** More on the vehicle and on its rear axle while towing, where papers state it: 10 % and at most 100 kg, 15 %. */
const whileTowing: Readonly<Record<string, Figures>> = {
  'vehicle.max': { towingShare: 0.1, towingMostKg: 100 },
  'axle.rear': { towingShare: 0.15 },
};
const rest: Readonly<Record<string, Figures>> = {
  ...whileTowing,
  'brakes.required': { unbrakedMostKg: 750 },
  'breakaway.required': { aboveKg: 0, chainMostKg: 1500 },
  'brakes.kind': { overrunMostKg: 3500 },
  'chains.required': { onlyUnbraked: true },
  'body.width': { mostM: 2.55 },
  'body.length': { aloneM: 12, togetherM: 18.75 },
  'gear.speed': { trailerKmh: 100 },
  // A tenth more than by the index, at no more than 100 km/h.
  'gear.tyresForPlate': { trailerTimes: 1.1 },
  'gear.age': { years: 7 },
};
/** Half of what the empty vehicle weighs in running order, and no more than 750 kg. */
const halfOfRunningOrder = { runningOrder: 0.5, atMostKg: 750 };
const continental: Readonly<Record<string, Figures>> = {
  ...rest,
  'tow.half': halfOfRunningOrder,
  'axle.frontShare': { solo: 0.3, towing: 0.2 },
  'ball.min': { share: 0.04, atMostKg: 25 },
};
const swiss = Object.fromEntries(Object.entries(continental).filter(([rule]) => rule !== 'tow.half'));
const british: Readonly<Record<string, Figures>> = {
  ...rest,
  'tow.half': { kerb: 0.5 },
  'axle.frontShare': { solo: 0.35 },
  'tow.ratio': { careful: 0.85, most: 1 },
};
const numbers: Readonly<Record<Country, Readonly<Record<string, Figures>>>> = {
  // Without a law there is no number of law: only what is practice everywhere.
  plates: { ...whileTowing, 'gear.age': { years: 7 } },
  AU: {
    'brakes.required': { unbrakedMostKg: 750, oneAxle: true },
    'tow.braked': { wholeTrailer: true },
    'tow.unbraked': { wholeTrailer: true },
    'tow.fallback': { braked: 1.5, unbraked: 1 },
    'brakes.kind': { overrunMostKg: 2000 },
    'breakaway.required': { aboveKg: 2000 },
    'chains.required': { twoAboveKg: 2500, markedAboveKg: 3500 },
    'tow.ratio': { careful: 0.85, most: 1, ofLoaded: true },
    'body.width': { mostM: 2.5 },
    'body.length': { aloneM: 12.5, togetherM: 19 },
    'gear.speed': { trailerKmh: 100 },
    'gear.age': { years: 7 },
  },
  GB: british,
  'GB-NIR': british,
  DE: {
    ...continental,
    'tow.braked': { byAxleLoad: true },
    'tow.unbraked': { byAxleLoad: true },
    'tow.half': { ...halfOfRunningOrder, byAxleLoad: true },
    'road.hundred': {
      ...{ kmh: 100, vehicleMostKg: 3500, tyreYears: 6, tyreKmh: 120 },
      ...{ plain: 0.3, caravan: 0.8, caravanStabilised: 1, other: 1.1, otherStabilised: 1.2 },
    },
  },
  FR: { ...continental, 'tow.ownMass': { share: 1.3 }, 'tow.half': { kerb: 0.5, atMostKg: 750, platedMass: true } },
  IT: continental,
  ES: continental,
  NL: continental,
  AT: continental,
  // Nothing is known of half the empty vehicle there.
  CH: { ...swiss },
};

const figuresIn = (country: Country, state?: AustralianState): Readonly<Record<string, Figures>> =>
  Object.fromEntries(
    Object.entries(factsIn({ country, ...(state ? { state } : {}) })).flatMap(([rule, facts]) =>
      facts.figures && Object.keys(facts.figures).length > 0 ? [[rule, facts.figures]] : [],
    ),
  );

describe('the numbers of the rules', () => {
  it.each(countries)('in %s', (country) => {
    expect(figuresIn(country)).toEqual(numbers[country]);
  });

  it('for new drivers in Australia, where a state is known to have any', () => {
    const novice: Readonly<Record<AustralianState, Figures | undefined>> = {
      NSW: { learnerMostKg: 0, p1UnladenMostKg: 250, p2Free: true },
      VIC: { learnerMostKg: 0, p1MostKg: 0, p2Free: true },
      ACT: { learnerPlatedMostKg: 750, p1PlatedMostKg: 750 },
      ...{ QLD: undefined, SA: undefined, WA: undefined, TAS: undefined, NT: undefined },
    };
    for (const [state, figures] of Object.entries(novice))
      expect(figuresIn('AU', state as AustralianState)['people.novice'], state).toEqual(figures);
  });

  it('of the schools of ball load, and of a pin', () => {
    const rig = exampleView('german-estate-and-caravan');
    const wanted: Readonly<Record<BallSchool, readonly [number, number]>> = {
      'au-8-12': [0.08, 0.12],
      'au-9-11': [0.09, 0.11],
      'au-8-10': [0.08, 0.1],
      'uk-5-7': [0.05, 0.07],
      'eu-4-7': [0.04, 0.07],
      'na-10-15': [0.1, 0.15],
    };
    for (const ballSchool of ballSchools) {
      const { low, high } = bandFor(compile({ ...rig, situation: { ...rig.situation, ballSchool } }));
      expect([low, high], ballSchool).toEqual(wanted[ballSchool]);
    }
    expect(bandFor(compile(exampleView('pick-up-with-fifth-wheel')))).toEqual({ low: 0.15, high: 0.25 });
  });

  it('of speeds: rural road, dual carriageway, motorway', () => {
    const said = Object.fromEntries(
      allLaws.flatMap(({ place, speeds }) =>
        speeds === null
          ? []
          : [[place, speeds.rows.map(({ as, rural, dual, motorway }) => [as, rural, dual, motorway])] as const],
      ),
    );
    const isles = [
      ['towing', 50, 60, 60],
      ['goods', 50, 60, 70],
      ['goods', 50, 60, 70],
      ['goods', 50, 60, 70],
      ['goods', 50, 60, 70],
      ['heavy', 50, 60, 70],
      ['car', 60, 70, 70],
    ];
    expect(said).toEqual({
      AU: [
        ['heavyTowing', 100, 100, 100],
        ['heavy', 100, 100, 100],
        ['towing', 100, 100, 100],
      ],
      GB: isles,
      'GB-NIR': isles,
      DE: [
        ['heavyTowing', 60, 80, 80],
        ['veryHeavy', 60, 80, 80],
        ['heavy', 80, 100, 100],
        ['towing', 80, 80, 80],
        ['car', 100, null, null],
      ],
      FR: [
        ['heavyTowing', 80, 90, 90],
        ['towing', 80, 110, 130],
        ['towing', 90, 110, 130],
        ['heavy', 80, 100, 110],
        ['car', 80, 110, 130],
        ['car', 90, 110, 130],
      ],
      IT: [
        ['towing', 70, 70, 80],
        ['heavy', 80, null, 100],
        ['car', 90, 110, 130],
      ],
      ES: [
        ['towing', 80, 90, 90],
        ['heavy', 80, 90, 90],
        ['car', 90, 120, 120],
        ['car', 100, 120, 120],
      ],
      NL: [
        ['heavyTowing', 80, 80, 80],
        ['towing', 80, 90, 90],
        ['heavy', 80, 80, 80],
        ['car', 80, 100, 100],
        ['car', 80, 100, 130],
      ],
      AT: [
        ['heavyTowing', 70, 80, 80],
        ['lightTrailer', 100, 100, 100],
        ['heavyTowing', 70, 80, 80],
        ['towing', 80, 100, 100],
        ['heavy', 70, null, 80],
        ['car', 100, 100, 130],
      ],
      CH: [
        ['heavyTowing', 80, null, 80],
        ['towing', 80, null, 100],
        ['towing', 80, 80, 80],
        ['heavy', 80, null, 100],
        ['car', 80, 100, 120],
      ],
    });
  });

  it('of the marks near which something changes', () => {
    const marks: Readonly<Record<number, readonly string[]>> = {
      500: ['frRegistration'],
      750: ['auBrakes', 'ukBrakes', 'euBrakes'],
      2000: ['auAllBrakes', 'deBands'],
      2500: ['auSecondChain'],
      3050: ['ukSpeed'],
      4250: ['euSum96'],
      4500: ['auHeavyTrailer', 'auLicence', 'nswSpeed', 'nswSpeedAlone'],
      7500: ['euLicenceC1', 'ukLicenceC', 'deHeavySpeed'],
      8250: ['ukSumOld'],
      12000: ['ukSumC1E', 'euSumC1E'],
    };
    const thresholds = allLaws.flatMap((law) => law.thresholds);
    const elsewhere = Object.values(marks).flat();
    for (const { id, at } of thresholds)
      expect([id, at]).toEqual([
        id,
        elsewhere.includes(id) ? Number(Object.keys(marks).find((kg) => marks[Number(kg)]?.includes(id))) : 3500,
      ]);
    expect(elsewhere.filter((id) => !thresholds.some((one) => one.id === id))).toEqual([]);
  });

  it('of what overloading tends to cost', () => {
    const rows = (country: Country) =>
      lawOf(country).sanctions.map(({ of, bands = [] }) => [
        of,
        bands.map(({ above, amount, most, points = 0 }) => [above, amount, most ?? points]),
      ]);
    expect(rows('DE')).toEqual([
      ['ball', []],
      [
        'masses',
        [
          [0.02, 30, 0],
          [0.05, 80, 1],
          [0.1, 110, 1],
          [0.15, 140, 1],
          [0.2, 190, 1],
          [0.25, 285, 1],
          [0.3, 380, 1],
        ],
      ],
      [
        'masses',
        [
          [0.05, 10, 0],
          [0.1, 30, 0],
          [0.15, 35, 0],
          [0.2, 95, 1],
          [0.25, 140, 1],
          [0.3, 235, 1],
        ],
      ],
    ]);
    const masses = (country: Country) => rows(country)[0]?.[1];
    expect(masses('GB')).toEqual([
      [0, 100, 0],
      [0.1, 200, 0],
      [0.15, 300, 0],
    ]);
    // By the tonne above 3,500 kg, by half of one to there.
    expect(lawOf('FR').sanctions.map(({ perKg, bands }) => [perKg, bands])).toEqual([
      [1000, [{ above: 0, amount: 135 }]],
      [500, [{ above: 0, amount: 135 }]],
    ]);
    expect(lawOf('CH').sanctions.map(({ bands, beyond }) => [bands, beyond])).toEqual([
      [
        [
          { above: 0, amount: 100 },
          { above: 0, aboveKg: 100, amount: 200 },
        ],
        { above: 0.05, says: 'proceedings' },
      ],
    ]);
    expect(masses('IT')).toEqual([
      [0.05, 42, 173],
      [0.1, 87, 345],
      [0.2, 173, 694],
      [0.3, 430, 1731],
    ]);
    expect(masses('ES')).toEqual([[0, 80, 500]]);
    expect(masses('CH')).toEqual([
      [0, 100, 0],
      [0, 200, 0],
    ]);
    for (const country of ['AU', 'GB-NIR', 'NL', 'AT'] as const) expect(lawOf(country).sanctions[0]?.how).toBe('none');
    const beyond = allLaws.flatMap(({ place, sanctions }) =>
      sanctions.flatMap((row) => (row.beyond ? [[place, row.beyond.above, row.beyond.says]] : [])),
    );
    expect(beyond).toEqual([
      ['GB', 0.3, 'court'],
      ['FR', 0.2, 'higherClass'],
      ['FR', 0.2, 'higherClass'],
      ['CH', 0.05, 'proceedings'],
    ]);
  });
});

import { describe, expect, it } from 'vitest';
import { countries, type Country } from '../situation/countries.ts';
import { ballSchools, type AustralianState, type BallSchool } from '../situation/situation.ts';
import { compile } from '../loads/compile.ts';
import { exampleView } from '../testing/examples.ts';
import { bandFor } from './ballChecks.ts';
import { factsIn } from './layers.ts';
import { sanctionFacts, germanHeavy } from './sanctions.data.ts';
import { speedTable } from './speeds.data.ts';
import { thresholds } from './thresholds.data.ts';

/**
 * Every number that a rule names, written a second time by hand from the texts of the regions: a change of any of them in
 * the facts is noticed here, and has to be meant twice.
 */
type Figures = Readonly<Record<string, number>>;
const rest: Readonly<Record<string, Figures>> = {
  'brakes.required': { unbrakedMostKg: 750 },
  'breakaway.required': { aboveKg: 0 },
  'brakes.kind': { overrunMostKg: 3500 },
  'chains.required': { onlyUnbraked: 1 },
  'gear.speed': { trailerKmh: 100 },
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
  plates: { 'gear.age': { years: 7 } },
  AU: {
    'brakes.required': { unbrakedMostKg: 750 },
    'tow.fallback': { braked: 1.5, unbraked: 1 },
    'brakes.kind': { overrunMostKg: 2000 },
    'breakaway.required': { aboveKg: 2000 },
    'chains.required': { twoAboveKg: 2500, markedAboveKg: 3500 },
    'tow.ratio': { careful: 0.85, most: 1 },
    'gear.speed': { trailerKmh: 100 },
    'gear.age': { years: 7 },
  },
  GB: british,
  'GB-NIR': british,
  DE: {
    ...continental,
    'road.hundred': {
      ...{ kmh: 100, vehicleMostKg: 3500, tyreYears: 6, tyreKmh: 120 },
      ...{ plain: 0.3, caravan: 0.8, caravanStabilised: 1 },
    },
  },
  FR: { ...continental, 'tow.ownMass': { share: 1.3 }, 'tow.half': { kerb: 0.5, atMostKg: 750 } },
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
      NSW: { learnerMostKg: 0, p1UnladenMostKg: 250, p2Free: 1 },
      VIC: { learnerMostKg: 0, p1MostKg: 0, p2Free: 1 },
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
      Object.entries(speedTable).map(([country, lines]) => [
        country,
        Object.fromEntries(
          Object.entries(lines).map(([line, [rural, dual, motorway]]) => [line, [rural, dual, motorway]]),
        ),
      ]),
    );
    const isles = { car: [60, 70, 70], towing: [50, 60, 60], heavy: [50, 60, 70] };
    expect(said).toEqual({
      GB: isles,
      'GB-NIR': isles,
      DE: { car: [100, null, null], towing: [80, 80, 80], heavy: [80, 100, 100], heavyTowing: [60, 80, 80] },
      FR: { car: [80, 110, 130], towing: [80, 110, 130], heavyTowing: [80, 90, 90], heavy: [80, 100, 110] },
      IT: { car: [90, 110, 130], towing: [70, 70, 80], heavy: [80, null, 100] },
      ES: { car: [90, 90, 120], towing: [80, 90, 90], heavy: [80, null, 90] },
      NL: { car: [80, 100, 100], towing: [80, 90, 90], heavy: [80, 80, 80] },
      AT: {
        ...{ car: [100, 100, 130], lightTrailer: [100, 100, 100], towing: [80, 100, 100] },
        ...{ heavyTowing: [70, 80, 80], heavy: [70, null, 80] },
      },
      CH: { car: [80, 100, 120], towing: [80, null, 100], heavy: [80, null, 100] },
    });
  });

  it('of the marks near which something changes', () => {
    const marks: Readonly<Record<number, readonly string[]>> = {
      750: ['auBrakes', 'ukBrakes', 'euBrakes'],
      2000: ['auAllBrakes', 'deBands'],
      2500: ['auSecondChain'],
      4250: ['euSum96'],
      4500: ['auHeavyTrailer', 'auLicence', 'nswSpeed'],
      7500: ['euLicenceC1'],
    };
    const elsewhere = Object.values(marks).flat();
    for (const { id, at } of thresholds)
      expect([id, at]).toEqual([
        id,
        elsewhere.includes(id) ? Number(Object.keys(marks).find((kg) => marks[Number(kg)]?.includes(id))) : 3500,
      ]);
    expect(elsewhere.every((id) => thresholds.some((one) => one.id === id))).toBe(true);
  });

  it('of what overloading tends to cost', () => {
    const bands = (country: keyof typeof sanctionFacts) =>
      (sanctionFacts[country].bands ?? []).map(({ above, amount, most, points }) => [above, amount, most, points]);
    const plain = (...list: readonly (readonly number[])[]) =>
      list.map(([above, amount]) => [above, amount, undefined, undefined]);
    expect(bands('DE')).toEqual([
      ...plain([0.05, 10], [0.1, 30], [0.15, 35]),
      ...[
        [0.2, 95],
        [0.25, 140],
        [0.3, 235],
      ].map(([above, amount]) => [above, amount, undefined, 1]),
    ]);
    expect((germanHeavy.bands ?? []).map(({ above, amount, points = 0 }) => [above, amount, points])).toEqual([
      ...[
        [0.02, 30, 0],
        [0.05, 80, 1],
        [0.1, 110, 1],
        [0.15, 140, 1],
        [0.2, 190, 1],
        [0.25, 285, 1],
        [0.3, 380, 1],
      ],
    ]);
    expect(bands('GB')).toEqual(plain([0, 100], [0.1, 200], [0.15, 300]));
    expect([sanctionFacts.FR.perKg, bands('FR')]).toEqual([500, plain([0, 135])]);
    expect(bands('IT').map((band) => band.slice(0, 3))).toEqual([
      ...[
        [0.05, 42, 173],
        [0.1, 87, 345],
        [0.2, 173, 694],
        [0.3, 430, 1731],
      ],
    ]);
    expect(bands('ES')).toEqual([[0, 80, 500, undefined]]);
    expect(bands('CH')).toEqual(plain([0, 100], [0.05, 200]));
    for (const country of ['AU', 'GB-NIR', 'NL', 'AT'] as const) expect(sanctionFacts[country].how).toBe('none');
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comparesLoad, type Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { assess, judge } from '../verdict/assess.ts';
import { massChanges } from './massChanges.ts';
import { drivenMoments } from './onTheRoad.ts';
import { doubtsOf, reckonTrip } from './reckonTrip.ts';
import { placedMoments, spansOf, viewAt } from './ribbon.ts';
import { levelsOf } from './tanks.ts';
import type { Section, Trip } from './trip.ts';
import { leastOnTheRoad, worstMessage } from './worstMoment.ts';

const motorhome = exampleView('german-motorhome');
const van = 'bachstelze-610';
const lagoon = exampleWorkspace('german-motorhome').trips.find(({ plan }) => plan)!;
const estate = exampleView('german-estate-and-caravan');
const wagon = exampleView('australian-wagon-and-tandem');
const caravan = 'saltbush-19';

const marginOf = (checks: readonly Check[], id: string): number => checks.find((one) => one.id === id)?.margin ?? NaN;
const exact = (trip: Pick<Trip, 'rates'>['rates']): Pick<Trip, 'rates'> => ({ rates: trip });
/** Rates without any ±, so that what a test sets alone counts. */
const certain = {
  fuelAlone: { value: 10, plusMinus: 0 },
  fuelTowing: { value: 15, plusMinus: 0 },
  water: { value: 10, plusMinus: 0 },
  waste: { value: 1, plusMinus: 0 },
  gas: { value: 0.5, plusMinus: 0 },
  food: { value: 1, plusMinus: 0 },
  pace: { value: 60, plusMinus: 0 },
} as const;

describe('a trip', () => {
  it('is at its worst what the same rig loaded so by hand is', () => {
    const { moment, check } = leastOnTheRoad(reckonTrip(motorhome, lagoon, lagoon.plan ?? []))[0]!;
    expect(check.id).toBe('place.rating:bachstelze-610:garage');
    // By hand: the garage as it is loaded, and 96 kg of wine and oil in it.
    const before = marginOf(assess(motorhome).checks, check.id);
    expect(check.margin).toBeCloseTo(before - 96, 9);
    expect(moment.view.loadout.placements.at(-1)).toMatchObject({ body: van, place: 'garage', thing: 'lg-wine' });
  });

  it('keeps the totals: what was used is gone, what was bought is there', () => {
    const plan: readonly Section[] = [
      { id: 'out', kind: 'drive', km: 100 },
      { id: 'stay', kind: 'nights', nights: 2 },
      { id: 'shop', kind: 'shop', name: 'Melons', mass: 12, body: van, place: 'kitchen' },
      { id: 'on', kind: 'drive', km: 50 },
    ];
    const { moments } = reckonTrip(motorhome, exact(certain), plan);
    const [start, end] = [moments[0]!, moments.at(-1)!];
    // 15 L of diesel at 0.84, 1 kg of gas, 8 kg of food of four people; 77 L of water all went into the grey tank.
    const diesel = motorhome.vehicle?.tanks.find(({ kind }) => kind === 'fuel')?.densityKgPerL ?? NaN;
    const gone = 15 * diesel + 2 * 0.5 + 2 * 4 * 1;
    expect(marginOf(end.checks, 'vehicle.max') - marginOf(start.checks, 'vehicle.max')).toBeCloseTo(gone - 12, 6);
  });

  it('eats no more food than there is, and the places it lies in get lighter by it', () => {
    const plan: readonly Section[] = [{ id: 'long', kind: 'nights', nights: 90 }];
    const { moments, flowed } = reckonTrip(motorhome, exact(certain), plan);
    const end = moments.at(-1)!.view;
    const food = [...end.things.values()].filter((thing) => thing.food);
    expect(food.length).toBeGreaterThan(1);
    for (const { mass } of food) expect(mass).toBeCloseTo(0, 9);
    expect(flowed.get('long')?.short.some(({ of }) => 'food' in of)).toBe(false);
  });

  it('leaves the trailer at the camp, drives alone by the other rate, and fetches it as it was', () => {
    const plan: readonly Section[] = [
      { id: 'leave', kind: 'unhitch' },
      { id: 'alone', kind: 'drive', km: 100 },
      { id: 'fetch', kind: 'hitch' },
    ];
    const { moments } = reckonTrip(estate, exact(certain), plan);
    const [start, left, driven, fetched] = moments;
    expect(left?.checks.find(({ id }) => id === 'trailer.max')?.margin ?? null).toBeNull();
    expect(marginOf(fetched?.checks ?? [], 'trailer.max')).toBe(marginOf(start?.checks ?? [], 'trailer.max'));
    const fuel = (view: RigView | undefined) =>
      view ? [...levelsOf(view).values()].find(({ of }) => 'tank' in of && of.tank === 'benzin')?.amount : undefined;
    expect((fuel(left?.view) ?? NaN) - (fuel(driven?.view) ?? NaN)).toBeCloseTo(10, 9);
    // The car alone is what the car without its trailer is.
    const solo = judge({ ...estate, trailer: undefined, rig: { ...estate.rig, trailer: undefined } });
    expect(marginOf(left?.checks ?? [], 'vehicle.max')).toBeCloseTo(marginOf(solo.checks, 'vehicle.max'), 9);
  });

  it('reckons a drive by its hours where nobody says how far it is, and says what it cannot reckon', () => {
    const plan: readonly Section[] = [
      { id: 'slow', kind: 'drive', hours: 3 },
      { id: 'somewhere', kind: 'drive' },
    ];
    const trip = reckonTrip(motorhome, exact(certain), plan);
    expect(trip.kilometres.get('slow')).toBe(180);
    expect(trip.kilometres.get('somewhere')).toBeNull();
    expect(trip.unreckoned.map(({ key }) => key)).toEqual(['road.unreckoned.far']);
  });

  it('carries the ± of what is used up: of a rate off by so much, as many litres more or less as it was driven', () => {
    const drive: readonly Section[] = [{ id: 'far', kind: 'drive', km: 300 }];
    const rates = { ...certain, fuelAlone: { value: 10, plusMinus: 4 } };
    const trip = reckonTrip(motorhome, exact(rates), drive);
    const end = trip.moments.at(-1)!;
    const check = end.checks.find(({ id }) => id === 'vehicle.max')!;
    const density = motorhome.vehicle?.tanks.find(({ kind }) => kind === 'fuel')?.densityKgPerL ?? NaN;
    // 4 is two standard deviations: one is 2 L for 100 km, 6 L over 300 km, all of it on the vehicle.
    expect(doubtsOf(trip)(end, check)).toBeCloseTo(Math.hypot(check.sigma ?? NaN, 6 * density), 6);
    expect(doubtsOf(trip)(trip.moments[0]!, check)).toBeCloseTo(check.sigma ?? NaN, 9);
  });

  it('judges each drive in its own country on its own day, and no longer all of them at once', () => {
    const trip = reckonTrip(motorhome, lagoon, lagoon.plan ?? []);
    const there = trip.steps.map(({ after }) => [after.situation.travel.country, after.situation.date]);
    expect(there[0]).toEqual(['DE', '2027-05-14']);
    expect(there.find(([country]) => country === 'AT')).toEqual(['AT', '2027-05-15']);
    expect(there.at(-1)).toEqual(['DE', '2027-05-17']);
    expect(motorhome.situation.through).toHaveLength(2);
    expect(trip.start.situation.through).toBeUndefined();
  });
});

describe('the worst moment', () => {
  it('is one on the road: what is drained before it drives off again does not count', () => {
    const stay: readonly Section[] = [
      { id: 'out', kind: 'drive', km: 10 },
      { id: 'stay', kind: 'nights', nights: 2 },
    ];
    const home: Section = { id: 'home', kind: 'drive', km: 10 };
    const drain: Section = { id: 'drain', kind: 'tank', body: caravan, tank: 'grey', fraction: 0 };
    const least = (plan: readonly Section[]) =>
      leastOnTheRoad(reckonTrip(wagon, exact(certain), plan)).find(({ check }) => check.id === 'ball.shareLow');
    const full = least([...stay, home]);
    const drained = least([...stay, drain, home]);
    expect(full?.check.status).toBe('over');
    expect(drained?.check.margin).toBeGreaterThan(full?.check.margin ?? NaN);
    // Standing with a full grey tank is no drive: it is as it was on arrival.
    expect(drivenMoments(reckonTrip(wagon, exact(certain), stay)).some(({ event }) => event === 'stay')).toBe(false);
  });

  it('names when and what brought it about', () => {
    const trip = reckonTrip(motorhome, lagoon, lagoon.plan ?? []);
    const least = leastOnTheRoad(trip);
    // What was just bought is named once, in when it was.
    const bought = worstMessage(trip, least[0]!);
    expect(bought.key).toBe('road.worst.over');
    expect(JSON.stringify(bought.params?.['when'])).toContain('Wine and oil');
    // The rear axle is worst once the tank is full again; the wine behind it is what took most.
    const axle = worstMessage(
      trip,
      least.find(({ check }) => check.id === 'axle.rear')!,
    );
    expect(axle.key).toBe('road.worst.withinBecause');
    expect(JSON.stringify(axle.params?.['when'])).toContain('the pass');
    expect(axle.params?.['cause']).toMatchObject({ key: 'road.because.thing.came' });
  });

  it('is the start where nothing on the way is worse, with nothing to blame', () => {
    const trip = reckonTrip(wagon, exact(certain), [{ id: 'out', kind: 'drive', km: 200 }]);
    const [worst] = leastOnTheRoad(trip);
    expect(worst?.check.id).toBe('axle.rear');
    expect(worst?.moment).toBe(trip.moments[0]);
    expect(worst && worstMessage(trip, worst).params?.['cause']).toBeUndefined();
  });
});

describe('a hand on the ribbon', () => {
  const trip = reckonTrip(motorhome, lagoon, lagoon.plan ?? []);

  it('finds every part once, from one end to the other', () => {
    const spans = spansOf(trip);
    expect(spans[0]?.from).toBe(0);
    expect(spans.at(-1)?.to).toBe(1);
    for (const [at, { from, to }] of spans.entries()) {
      expect(to).toBeGreaterThan(from);
      if (at > 0) expect(from).toBe(spans[at - 1]?.to);
    }
  });

  it('shows at each moment the rig of that moment', () => {
    for (const { moment, to } of placedMoments(trip)) {
      if (moment.event?.endsWith(':border')) continue;
      const { checks } = judge(viewAt(trip, to).view);
      for (const { id, margin } of moment.checks) {
        if (margin !== null) expect(marginOf(checks, id), `${moment.event} ${id}`).toBeCloseTo(margin, 6);
      }
    }
  });

  const drive = fc.record({ kind: fc.constant('drive' as const), km: fc.integer({ min: 1, max: 700 }) });
  const nights = fc.record({ kind: fc.constant('nights' as const), nights: fc.integer({ min: 0, max: 4 }) });
  const tank = fc.record({
    kind: fc.constant('tank' as const),
    body: fc.constant(caravan),
    tank: fc.constantFrom('grey', 'front-tank', 'rear-tank'),
    fraction: fc.constantFrom(0, 0.5, 1),
  });
  const shop = fc.record({
    kind: fc.constant('shop' as const),
    name: fc.constant('Oranges'),
    mass: fc.integer({ min: 1, max: 60 }),
    body: fc.constant(caravan),
    place: fc.constantFrom(...(wagon.trailer?.places.map(({ id }) => id) ?? [])),
  });
  const anyPlan = fc
    .array(fc.oneof(drive, nights, tank, shop), { minLength: 1, maxLength: 6 })
    .map((parts) => parts.map((part, n): Section => ({ ...part, id: `p${n}` })));

  it('finds nothing worse anywhere than the moments that are told', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 0, max: 1, noNaN: true }), (plan, at) => {
        const any = reckonTrip(wagon, {}, plan);
        const told = new Map(any.least.map(({ check, margin }) => [check, margin]));
        for (const check of judge(viewAt(any, at).view).checks) {
          if (check.margin !== null && comparesLoad(check))
            expect(check.margin, check.id).toBeGreaterThanOrEqual((told.get(check.id) ?? NaN) - 1e-5);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('a rig of which little is known', () => {
  const { vehicle } = motorhome;
  if (!vehicle) throw new Error('the motorhome');
  const sparse: RigView = {
    ...motorhome,
    vehicle: {
      ...vehicle,
      tanks: [],
      geometry: {},
      places: vehicle.places.map(({ id, name, kind }) => ({ id, name, kind })),
    },
    loadout: { ...motorhome.loadout, tankLevels: [] },
  };
  const plan: readonly Section[] = [
    { id: 'out', kind: 'drive', km: 300 },
    { id: 'stay', kind: 'nights', nights: 2 },
    { id: 'shop', kind: 'shop', name: 'Cheese', mass: 30, body: van, place: 'garage' },
    { id: 'home', kind: 'drive', km: 300 },
  ];

  it('has its totals all the way, where no length is needed, and says what stays out of it', () => {
    const trip = reckonTrip(sparse, exact(certain), plan);
    const least = leastOnTheRoad(trip);
    const total = least.find(({ check }) => check.id === 'vehicle.max');
    const start = marginOf(judge(sparse).checks, 'vehicle.max');
    // Eight kg of food eaten, thirty bought.
    expect(total?.check.margin).toBeCloseTo(start + 8 - 30, 6);
    expect(least.some(({ check }) => check.id === 'axle.rear')).toBe(false);
    expect(trip.unreckoned.map(({ key }) => key)).toEqual([
      'road.unreckoned.fuel',
      'road.unreckoned.fresh',
      'road.unreckoned.gas',
    ]);
  });

  it('says how much heavier it becomes where nobody knows what it weighs', () => {
    const bare: RigView = { ...sparse, vehicle: { ...vehicle, tanks: [], emptyMass: undefined } };
    const trip = reckonTrip(bare, exact(certain), plan);
    expect(leastOnTheRoad(trip).some(({ check }) => check.id === 'vehicle.max')).toBe(false);
    // Eight kg of food are eaten before thirty of cheese are bought.
    const [change] = massChanges(trip);
    expect(change?.most).toBeCloseTo(22, 6);
    expect(change?.end).toBeCloseTo(22, 6);
    expect(JSON.stringify(change?.when)).toContain('Cheese');
    expect(massChanges(reckonTrip(bare, exact(certain), [{ id: 'w', kind: 'weigh' }]))).toEqual([]);
  });

  it('keeps a tank of unknown size out of what flows, and names it', () => {
    const tanks = vehicle.tanks.map(({ id, name, kind }) => ({ id, name, kind }));
    const trip = reckonTrip({ ...sparse, vehicle: { ...vehicle, tanks } }, exact(certain), plan);
    expect(trip.unreckoned.map(({ key }) => key)).toEqual([
      'road.unreckoned.size',
      'road.unreckoned.size',
      'road.unreckoned.size',
      'road.unreckoned.size',
    ]);
    for (const { short, spilt } of trip.flowed.values()) expect([short, spilt]).toEqual([[], []]);
  });
});

import { describe, expect, it } from 'vitest';
import { binds } from '../checks/check.ts';
import { judge } from '../verdict/assess.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { makeMove } from '../edits/moveEdits.ts';
import { setTankLevel } from '../edits/loadoutEdits.ts';
import { viewRig } from '../document/viewRig.ts';
import { bordersOf } from './borders.ts';
import { reckonTrip } from './reckonTrip.ts';
import { viewAt } from './ribbon.ts';
import type { Section } from './trip.ts';
import { tripRemedies, type TripRemedy } from './tripRemedies.ts';
import { leastOnTheRoad } from './worstMoment.ts';

const van = exampleWorkspace('british-van-with-scooter');
const rig = van.rigs[0]!.id;
const vanView = exampleView('british-van-with-scooter');
const body = vanView.vehicle!.id;
const motorhome = exampleView('german-motorhome');
const lagoon = exampleWorkspace('german-motorhome').trips.find(({ plan }) => plan)!;

const plan: readonly Section[] = [
  { id: 'out', kind: 'drive', km: 120 },
  { id: 'wine', kind: 'shop', name: 'Cider', mass: 36, body, place: 'under-bed' },
  { id: 'on', kind: 'drive', km: 60 },
  { id: 'home', kind: 'drive', km: 180 },
];

/** The trip after a remedy, by the edits an owner makes. */
function carriedOut(remedy: TripRemedy) {
  const loadout = vanView.loadout.id;
  const levelled = (remedy.levels ?? []).reduce(
    (document, one) => setTankLevel(document, loadout, one.body, one.tank, one.fraction),
    van,
  );
  const moved = remedy.move ? makeMove(levelled, loadout, remedy.move) : levelled;
  return reckonTrip(viewRig(moved, rig)!, {}, remedy.plan ?? plan);
}

describe('what to do about a trip', () => {
  const trip = reckonTrip(vanView, {}, plan);
  const worst = leastOnTheRoad(trip).find(({ check }) => check.id === 'axle.rear')!;
  const found = tripRemedies(trip, {}, worst);

  it('is there for the van that is over after shopping', () => {
    expect(worst.check.status).toBe('over');
    expect(found.length).toBeGreaterThan(1);
  });

  it('keeps the limit wherever it is driven, as it says, and passes no other that was kept', () => {
    const broken = (of: typeof trip) =>
      new Set(
        of.moments.flatMap(({ checks }) =>
          checks.filter((one) => binds(one) && one.status === 'over').map(({ id }) => id),
        ),
      );
    const before = broken(trip);
    for (const remedy of found) {
      expect(remedy.keeps).toBe(true);
      const after = carriedOut(remedy);
      for (const id of broken(after)) expect(before.has(id), `${remedy.kind} ${id}`).toBe(true);
      // Sampled all along, on the drives.
      for (let at = 0; at <= 1; at += 1 / 64) {
        const { view, section } = viewAt(after, at);
        const margin = judge(view).checks.find(({ id }) => id === 'axle.rear')?.margin ?? NaN;
        if (section?.kind === 'drive') expect(margin, remedy.kind).toBeGreaterThanOrEqual(-1e-6);
      }
    }
  });

  it('comes in order of effort: what is left undone before what is carried about', () => {
    const order = ['fillLess', 'drain', 'setOut', 'otherTank', 'buyLater', 'putElsewhere', 'turn', 'move', 'home'];
    const ranks = found.map(({ kind }) => order.indexOf(kind));
    expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
  });

  it('says what helps where nothing keeps a limit by itself, the most helpful first, and that it only helps', () => {
    // 31 kg aft of the axles of the caravan: it sets out in the band, and draining by itself does not keep it there.
    const aft = { body: 'saltbush-19', place: 'wardrobe', name: 'Wardrobe' };
    const move = { kind: 'thing', id: 'au-recovery-kit', name: '', body: 'tern-wagon', from: '', to: aft } as const;
    const packed = makeMove(exampleWorkspace('australian-wagon-and-tandem'), 'two-of-us', move);
    const wagon = viewRig(packed, 'tern-and-saltbush')!;
    const coast = exampleWorkspace('australian-wagon-and-tandem').trips.find(({ id }) => id === 'coast-again')!;
    const way = reckonTrip(wagon, coast, coast.plan ?? []);
    const band = leastOnTheRoad(way).find(({ check }) => check.id === 'ball.shareLow')!;
    const helps = tripRemedies(way, coast, band);
    expect(band.check.status).toBe('over');
    expect(helps.length).toBeGreaterThan(0);
    for (const [at, one] of helps.entries()) {
      expect(one.keeps).toBe(false);
      expect(one.margin).toBeLessThan(0);
      expect(one.margin).toBeGreaterThan(band.check.margin);
      if (at > 0) expect(one.margin).toBeLessThanOrEqual(helps[at - 1]?.margin ?? NaN);
    }
  });

  it('drains a second time under a name of its own, and names who got in on the way', () => {
    const grey = { kind: 'tank', body: 'saltbush-19', tank: 'grey', fraction: 0 } as const;
    const way: readonly Section[] = [
      { id: 'ann', kind: 'join', name: 'Ann', mass: 60 },
      { id: 'stay', kind: 'nights', nights: 3 },
      { id: 'bye', kind: 'part', member: 'ann' },
      { id: 'on', kind: 'drive', km: 80 },
      { ...grey, id: 'drain-1' },
      { id: 'home', kind: 'drive', km: 80 },
    ];
    const rates = { rates: { water: { value: 10 } } };
    const trip = reckonTrip(exampleView('australian-wagon-and-tandem'), rates, way);
    const band = leastOnTheRoad(trip).find(({ check }) => check.id === 'ball.shareLow')!;
    const drain = tripRemedies(trip, rates, band).find(({ kind }) => kind === 'drain');
    const ids = drain?.plan?.map(({ id }) => id) ?? [];
    expect(ids).toContain('drain-2');
    expect(new Set(ids).size).toBe(way.length + 1);
    expect(JSON.stringify(drain?.says)).toContain('Ann');
  });

  it('leaves what is behind as it went: only what is ahead counts, and only there something is done', () => {
    const behind = new Set(['out', 'wine']);
    const ahead = leastOnTheRoad(trip, behind).find(({ check }) => check.id === 'axle.rear')!;
    expect(ahead.check.status).toBe('over');
    const later = tripRemedies(trip, {}, ahead, behind);
    expect(later.length).toBeGreaterThan(0);
    for (const { kind, plan: changed, levels } of later) {
      expect(['setOut', 'otherTank', 'home', 'buyLater', 'putElsewhere']).not.toContain(kind);
      expect(levels).toBeUndefined();
      if (changed) expect(changed.slice(0, 2)).toEqual(plan.slice(0, 2));
    }
    // Once the last drive is all that is left, what went before it is no news.
    const [, , , last] = reckonTrip(vanView, {}, plan).sections;
    const all = new Set(plan.map(({ id }) => id).filter((id) => id !== last?.id));
    for (const { moment } of leastOnTheRoad(trip, all)) expect([...all].slice(0, 2)).not.toContain(moment.event);
  });

  it('buys nothing after the last drive, and has nothing to say where all is well', () => {
    const last = plan.slice(0, 3);
    const short = reckonTrip(vanView, {}, last);
    const over = leastOnTheRoad(short).find(({ check }) => check.id === 'axle.rear')!;
    expect(tripRemedies(short, {}, over).some(({ kind }) => kind === 'buyLater')).toBe(false);
    const fine = leastOnTheRoad(trip).find(({ check }) => check.status === 'within')!;
    expect(tripRemedies(trip, {}, fine)).toEqual([]);
  });
});

describe('borders', () => {
  const borders = bordersOf(reckonTrip(motorhome, lagoon, lagoon.plan ?? []));

  it('are the place it sets out in and each one crossed, with the day and the speeds on both sides', () => {
    expect(borders.map(({ from, to, day }) => [from?.country, to.country, day])).toEqual([
      [undefined, 'DE', '2027-05-14'],
      ['DE', 'AT', '2027-05-15'],
      ['AT', 'IT', '2027-05-15'],
      ['IT', 'AT', '2027-05-17'],
      ['AT', 'DE', '2027-05-17'],
    ]);
    for (const [at, border] of borders.entries()) {
      if (at > 0) expect(border.speedBefore).toEqual({ ...borders[at - 1]?.speed });
    }
    // Above 3,500 kg a motor caravan may do 100 on German and Italian motorways and 80 on Austrian ones.
    expect(borders.map(({ speed }) => speed?.motorway)).toEqual([100, 80, 100, 80, 100]);
  });

  it('say each thing to know once', () => {
    const said = borders.flatMap(({ notes }) => notes.map(({ id }) => id));
    expect(new Set(said).size).toBe(said.length);
    expect(borders[1]?.notes.map(({ id }) => id)).toContain('atToll');
    expect(borders[3]?.notes).toEqual([]);
  });

  it('tell which limits begin, cease or turn out otherwise', () => {
    const estate = exampleView('german-estate-and-caravan');
    const abroad = reckonTrip(estate, {}, [
      { id: 'home', kind: 'drive', km: 50 },
      { id: 'over', kind: 'drive', km: 50, where: { country: 'FR' } },
    ]);
    const [, france] = bordersOf(abroad);
    expect(france?.checks.map(({ before, after }) => (after ?? before)?.rule)).toContain('road.hundred');
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { binds, bindsLoad, comparesLoad, type Check } from '../checks/check.ts';
import type { Placement, Thing } from '../loading/loadout.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import type { RigView } from '../loading/rigView.ts';
import { situationIn } from '../situation/situation.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { exampleView } from '../testing/examples.ts';
import { packingView, type PackingCase } from '../testing/packingCase.ts';
import { judge } from '../verdict/assess.ts';
import { pack, packed } from './pack.ts';

const zones = [
  { id: 'nose', body: 'trailer', x: 0.9, capacity: 80 },
  { id: 'tail', body: 'trailer', x: 5.6, capacity: 60 },
  { id: 'boot', body: 'vehicle', x: 3.1, capacity: 90 },
] as const;

/** Small rigs with limits near to what is on them, so that some can be packed, some not with everything, and some not at all. */
const rigs = fc
  .record({
    masses: fc.array(fc.integer({ min: 20, max: 550 }), { minLength: 2, maxLength: 4 }),
    at: fc.array(fc.nat(2), { minLength: 4, maxLength: 4 }),
    room: fc.record({ trailer: fc.integer({ min: -40, max: 160 }), rear: fc.integer({ min: -20, max: 120 }) }),
    ball: fc.integer({ min: 70, max: 180 }),
    bareAt: fc.integer({ min: 340, max: 360 }),
  })
  .map(({ masses, at, room, ball, bareAt }): PackingCase => ({
    rig: {
      vehicle: { W: 2.74, h: 1.02, bare: { R_front: 940, R_rear: 800 } },
      trailer: { A: 3.7, axles: 1, bare: { m: 1240, x: bareAt / 100 } },
    },
    zones,
    items: masses.map((mass, one) => ({
      id: `thing-${one}`,
      m: mass / 10,
      allowed: ['nose', 'tail', 'boot'],
      current: zones[at[one] ?? 0]?.id ?? 'nose',
    })),
    limits: { trailerMax: 1240 + room.trailer, ballMax: ball, rearAxleMax: 960 + room.rear, vehicleMax: 1990 },
    objective: 'minMoves',
  }));

interface Tried {
  readonly checks: readonly Check[];
  readonly kept: boolean;
  readonly left: number;
  readonly moves: number;
  /** The least left of a limit that packing can change. */
  readonly least: number;
}

const counts = (check: Check, band: boolean): boolean =>
  comparesLoad(check) && (binds(check) || (band && check.role === 'band'));
const keeps = ({ margin }: Check): boolean => margin === null || margin >= -1e-6;

/** Every way to pack a rig, each tried by the rulebook alone. */
function everyWay(view: RigView, things: readonly Thing[], home: boolean, band: boolean): readonly Tried[] {
  const before = view.loadout.placements;
  let ways: Placement[][] = [[]];
  for (const thing of things) {
    ways = ways.flatMap((so) => [
      ...zones.map(({ id: place, body }) => [...so, { thing: thing.id, count: 1, body, place }]),
      ...(home ? [so] : []),
    ]);
  }
  const was = new Map(before.map(({ thing, place }) => [thing, place]));
  return ways.map((placements) => {
    const now = new Map(placements.map(({ thing, place }) => [thing, place]));
    const { checks } = judge({ ...view, loadout: { ...view.loadout, placements } });
    return {
      checks,
      kept: checks.filter((check) => counts(check, band)).every(keeps),
      left: things.reduce((sum, { id, mass }) => (now.has(id) ? sum : sum + mass), 0),
      moves: things.filter(({ id }) => now.get(id) !== was.get(id)).length,
      least: Math.min(...checks.filter((one) => bindsLoad(one) && !one.place).map(({ margin }) => margin ?? Infinity)),
    };
  });
}

const bestOf = (tried: readonly Tried[]): Tried | undefined =>
  tried.filter(({ kept }) => kept).sort((a, b) => round(a.left - b.left) || a.moves - b.moves || b.least - a.least)[0];
const round = (value: number): number => Math.round(value * 1e4);

describe('packing', () => {
  it('finds what trying every way finds, or that nothing does, and breaks no limit', () => {
    const seen = { packed: 0, leaves: 0, impossible: 0 };
    fc.assert(
      fc.property(rigs, fc.boolean(), (given, band) => {
        const view = packingView(given);
        const things = given.items.map(({ id }) => view.things.get(id) as Thing);
        const wish: PackingWish = {
          aims: ['leastLeft', 'fewestMoves', 'mostMargin'],
          ...(band ? {} : { noBand: true }),
        };
        const answer = pack([view], wish, testSolver, { ...patient, near: 0 });
        const allAlong = bestOf(everyWay(view, things, false, band));
        const any = allAlong ?? bestOf(everyWay(view, things, true, band));
        expect(answer.kind).toBe(allAlong ? 'packed' : any ? 'leaves' : 'impossible');
        seen[answer.kind as keyof typeof seen] += 1;
        if (!('packing' in answer) || !any) return;
        const { packing } = answer;
        expect(packing.proven).toBe(true);
        expect(packing.broken).toEqual([]);
        expect(packing.left).toBeCloseTo(any.left, 4);
        expect(packing.moves).toHaveLength(any.moves);
        const reached = packing.reached.find(({ aim }) => aim === 'mostMargin');
        if (reached) expect(reached.value).toBeCloseTo(any.least, 3);
      }),
      { numRuns: 200, seed: 7 },
    );
    // All three happened, or the rigs show nothing.
    expect(Math.min(...Object.values(seen))).toBeGreaterThan(10);
  }, 120_000);

  it('keeps a least of which either of two bounds is enough, and finds the most room beside it', () => {
    let eithers = 0;
    fc.assert(
      fc.property(rigs, (given) => {
        // So light that 4 % of it are now more and now less than 25 kg.
        const light: PackingCase = {
          ...given,
          rig: { ...given.rig, trailer: { A: 3.7, axles: 1, bare: { m: 560, x: 3.6 } } },
          limits: { ...given.limits, trailerMax: (given.limits['trailerMax'] ?? 0) - 640, ballMax: 75 },
        };
        const view: RigView = { ...packingView(light), situation: situationIn('there', 'there', 'DE') };
        const things = light.items.map(({ id }) => view.things.get(id) as Thing);
        const wish: PackingWish = { aims: ['leastLeft', 'mostMargin'], noBand: true };
        const answer = pack([view], wish, testSolver, { ...patient, near: 0 });
        const tried = everyWay(view, things, true, false);
        const least = tried.filter(({ kept }) => kept).sort((a, b) => round(a.left - b.left) || b.least - a.least)[0];
        expect('packing' in answer).toBe(least !== undefined);
        if (!('packing' in answer) || !least) return;
        eithers += judge(view).checks.some(({ either }) => either) ? 1 : 0;
        expect(answer.packing.broken).toEqual([]);
        expect(answer.packing.left).toBeCloseTo(least.left, 4);
        const reached = answer.packing.reached.find(({ aim }) => aim === 'mostMargin');
        if (reached) expect(reached.value).toBeCloseTo(least.least, 3);
      }),
      { numRuns: 60, seed: 5 },
    );
    expect(eithers).toBeGreaterThan(10);
  }, 120_000);

  it('foretells what the rulebook then finds', () => {
    fc.assert(
      fc.property(rigs, (given) => {
        const view = packingView(given);
        const answer = pack([view], {}, testSolver, patient);
        if (!('packing' in answer)) return;
        const after = packed(view, answer.packing.moves);
        expect(after.loadout).toEqual(answer.packing.loadout);
        for (const { id, margin } of judge(after).checks) {
          const foretold = answer.packing.foretold.get(id);
          if (foretold !== undefined) expect(margin).toBeCloseTo(foretold, 6);
        }
      }),
      { numRuns: 60, seed: 11 },
    );
  }, 60_000);

  it('names limits that no way keeps together, and each of them is needed for that', () => {
    fc.assert(
      fc.property(rigs, (given) => {
        const view = packingView(given);
        const things = given.items.map(({ id }) => view.things.get(id) as Thing);
        const answer = pack([view], {}, testSolver, patient);
        if (answer.kind !== 'leaves' && answer.kind !== 'impossible') return;
        expect(answer.conflict.proven).toBe(true);
        const ids = answer.conflict.checks.map(({ id }) => id);
        const tried = everyWay(view, things, answer.kind === 'impossible', true);
        const someKeep = (kept: readonly string[]) =>
          tried.some(({ checks }) => checks.filter(({ id }) => kept.includes(id)).every(keeps));
        expect(someKeep(ids)).toBe(false);
        for (const id of ids) expect(someKeep(ids.filter((other) => other !== id))).toBe(true);
      }),
      { numRuns: 80, seed: 3 },
    );
  }, 60_000);
});

describe('a packing', () => {
  const stays = (view: RigView): PackingWish => ({
    things: [...view.things.keys()].map((thing) => ({ thing, how: 'stays' as const })),
  });

  it('with nothing to decide is packed already, and says what it cannot help', () => {
    const van = { ...exampleView('british-van-with-scooter'), slips: undefined };
    const estate = exampleView('german-estate-and-caravan');
    for (const view of [van, { ...van, loadout: { ...van.loadout, placements: [] } }]) {
      const answer = pack([view], { ...stays(view), noBand: true }, testSolver, patient);
      expect(answer).toMatchObject({ kind: 'packed', packing: { moves: [], proven: true, left: 0, broken: [] } });
    }
    const answer = pack([estate], { ...stays(estate), noBand: true }, testSolver, patient);
    if (answer.kind !== 'impossible') throw new Error(answer.kind);
    expect(answer.conflict.checks.map(({ id }) => id)).toEqual(['ball.min']);
    expect(answer.conflict.proven).toBe(true);
  });

  it('finds room at the limits that moves change, though a total that none changes is tighter', () => {
    // The last has nowhere else to go: it moves no limit either.
    const [total, masses] = [3, [18, 22, 26, 4]];
    const view = packingView({
      rig: {
        vehicle: { W: 2.74, h: 1.02, bare: { R_front: 940, R_rear: 800 } },
        trailer: { A: 3.7, axles: 1, bare: { m: 1240, x: 3.5 } },
      },
      zones: zones.slice(0, 2),
      items: masses.map((m, at) => ({
        id: `thing-${at}`,
        m,
        allowed: at < 3 ? ['nose', 'tail'] : ['nose'],
        current: 'nose',
      })),
      limits: { trailerMax: 1240 + 70 + total, ballMax: 150, rearAxleMax: 960 },
      objective: 'minMoves',
    });
    const comes: PackingWish = {
      aims: ['mostMargin'],
      noBand: true,
      things: masses.map((_, at) => ({ thing: `thing-${at}`, how: 'comes' as const })),
    };
    const answer = pack([view], comes, testSolver, patient);
    if (answer.kind !== 'packed') throw new Error(answer.kind);
    const least = (one: RigView) =>
      Math.min(
        ...judge(one)
          .checks.filter((check) => bindsLoad(check) && !check.place && check.id !== 'trailer.max')
          .map(({ margin }) => margin ?? Infinity),
      );
    const kept = (one: RigView) =>
      judge(one)
        .checks.filter((check) => counts(check, false))
        .every(keeps);
    const all = [0, 1, 2, 3, 4, 5, 6, 7].flatMap((bits) => {
      const placements = view.loadout.placements.map((one, at) => ({
        ...one,
        place: at < 3 && (bits >> at) % 2 ? 'tail' : 'nose',
      }));
      const then = { ...view, loadout: { ...view.loadout, placements } };
      return kept(then) ? [least(then)] : [];
    });
    const best = Math.max(...all);
    expect(least(view)).toBeLessThan(best - 5);
    expect(least(packed(view, answer.packing.moves))).toBeGreaterThan(best - 0.6);
    const reached = answer.packing.reached.find(({ aim }) => aim === 'mostMargin');
    expect(Math.abs((reached?.value ?? NaN) - least(packed(view, answer.packing.moves)))).toBeLessThan(0.6);
  });
});

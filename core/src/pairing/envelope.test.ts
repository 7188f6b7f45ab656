import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { binds, type Check } from '../checks/check.ts';
import { judgeLeast } from '../checks/judgeLoad.ts';
import { viewRig } from '../document/viewRig.ts';
import { roomAt } from '../limits/roomAt.ts';
import { compile } from '../loads/compile.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { caseView, limitRules, type CaseRig } from '../testing/caseRig.ts';
import cases from '../testing/cases/envelope.json' with { type: 'json' };
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { envelope, marginsAt, type Envelope, type EnvelopeWish } from './envelope.ts';
import { pairedView, withAnyTrailer } from './pairedView.ts';
import { pairingStart } from './pairingStart.ts';
import type { Pair, Polygon } from './polygon.ts';

const ids: Readonly<Record<string, string>> = { ...limitRules, noLoad: 'noLoad', trailerMin: 'noTrailer' };

const edgesOf = (piece: Polygon, at: number): readonly string[] =>
  [piece[at]!.edge, piece[(at + piece.length - 1) % piece.length]!.edge].sort();

interface EnvelopeCase {
  readonly vehicle: NonNullable<CaseRig['vehicle']>;
  readonly ballFraction: number;
  readonly x: number;
  readonly limits: NonNullable<CaseRig['limits']>;
}
interface Expected {
  readonly vertices: readonly { trailerMass: number; addedLoad: number; binding: readonly string[] }[];
}

describe('the worked envelopes', () => {
  const asked = cases.filter(({ asks }) => asks === 'envelope');
  it.each(asked)('$id $title', ({ given, expect: wanted }) => {
    const { vehicle, ballFraction, x, limits } = given as unknown as EnvelopeCase;
    const { vertices } = wanted as unknown as Expected;
    const view = caseView({ vehicle, trailer: { A: 4, axles: 1, bare: { m: 900, B: 50 } }, limits });
    const found = envelope(view, { ballShare: ballFraction, plusMinus: 0, x, leastLoad: 0 })!;
    expect(found.pieces).toHaveLength(1);
    const [piece] = found.pieces;
    const corners = piece!.map((corner, at) => ({ ...corner, edges: edgesOf(piece!, at) }));
    expect(corners).toHaveLength(vertices.length);
    for (const { trailerMass, addedLoad, binding } of vertices) {
      const edges = binding.map((name) => ids[name] ?? name).sort();
      const corner = corners.find((one) => edges.every((edge) => one.edges.includes(edge)));
      expect(corner?.trailerMass, edges.join()).toBeCloseTo(trailerMass, 2);
      expect(corner?.load, edges.join()).toBeCloseTo(addedLoad, 2);
    }
  });

  const addable = cases.filter(({ asks }) => asks === 'addable');
  it.each(addable)('$id $title', ({ given, expect: wanted }) => {
    const { positions, limits, ...rig } = given as unknown as CaseRig & {
      positions: readonly { id: string; body: 'vehicle' | 'trailer'; x: number }[];
      limits: Readonly<Record<string, number>>;
    };
    const { ballMinFraction = 0, ...plated } = limits;
    const loads = compile(caseView({ ...rig, limits: plated }));
    const checks = runRulebook(loads).filter(({ id }) => id !== 'ball.min');
    // The least share on the ball is the case's own: no rule of any region has it.
    const [any] = checks;
    const least = judgeLeast(
      loads,
      loads.values.ballLoad,
      0,
      loads.lessTimes('ballLoad', ballMinFraction, 'trailerTotal'),
    );
    const own: Check = { ...any!, ...least, id: 'ball.leastShare', kind: 'maker', sense: 'min' };
    const names = { ...ids, ballMinFraction: own.id };
    for (const { id, body, x } of positions) {
      const { maxAdd, binding } = (wanted as unknown as Record<string, { maxAdd: number; binding: readonly string[] }>)[
        id
      ]!;
      const room = roomAt([...checks, own], { side: body, x });
      expect(room, id).toMatchObject({ kind: 'room', least: 0 });
      if (room.kind !== 'room') continue;
      expect(room.most, id).toBeCloseTo(maxAdd, 2);
      expect(room.binding?.id, id).toBe(names[binding[0] as keyof typeof names]);
    }
  });
});

type Spot = Pick<EnvelopeWish, 'x' | 'place'>;
const spotsOf = (view: RigView): readonly Spot[] =>
  placedBodies(view).flatMap(({ body, side, offset }) =>
    body.places.flatMap(({ id, x }) =>
      side === 'vehicle' && offset !== null && x !== undefined
        ? [{ x: offset + x, place: { body: body.id, place: id } }]
        : [],
    ),
  );
const spotOf = (view: RigView): Spot => spotsOf(view)[0] ?? { x: 2.5, place: undefined };
const rigs: readonly (readonly [string, RigView, Spot])[] = exampleNames.flatMap((name) => {
  const workspace = exampleWorkspace(name);
  return workspace.rigs.flatMap(({ id }) => {
    const view = viewRig(workspace, id);
    if (!view?.vehicle) return [];
    // A camper and its tray have plates of their own: there every place is asked.
    const spots = view.camper ? spotsOf(view) : [spotOf(view)];
    return spots.map((spot) => [`${name}: ${id}, ${spot.place?.place ?? ''}`, view, spot] as const);
  });
});
const share = fc.double({ min: 0.03, max: 0.14, noNaN: true });

/** The rig with this trailer and so much more at this spot, judged by the rulebook as every rig is. */
function judgedAt(view: RigView, wish: EnvelopeWish, { trailerMass, load }: Pair): ReadonlyMap<string, Check> {
  const vehicle = view.vehicle!;
  const place = { id: 'spot', name: 'spot', kind: 'floor' as const, x: wish.x ?? 0 };
  const more: RigView = {
    ...view,
    vehicle: wish.place ? vehicle : { ...vehicle, places: [...vehicle.places, place] },
    things: new Map([...view.things, ['more', { id: 'more', name: 'more', mass: load }]]),
    loadout: {
      ...view.loadout,
      placements: [
        ...view.loadout.placements,
        wish.place
          ? { thing: 'more', count: 1, ...wish.place }
          : { thing: 'more', count: 1, body: vehicle.id, place: place.id, ...(wish.x === null ? {} : { x: wish.x }) },
      ],
    },
  };
  const { checks } = assess(pairedView(more, { trailerMass, ballShare: wish.ballShare }));
  return new Map(checks.map((check) => [check.id, check]));
}

const apartIds = ({ apart }: Envelope) => new Set(apart.map(({ id }) => id));

/** A pair inside a piece: its corners weighed by these shares. */
const insideOf = (piece: Polygon, weights: readonly number[]): Pair => {
  const own = piece.map((_, at) => (weights[at % weights.length] ?? 1) + 0.01);
  const sum = own.reduce((a, b) => a + b, 0);
  return {
    trailerMass: piece.reduce((all, one, at) => all + (own[at]! / sum) * one.trailerMass, 0),
    load: piece.reduce((all, one, at) => all + (own[at]! / sum) * one.load, 0),
  };
};

describe.each(rigs)('the envelope of %s', (_name, view, spot) => {
  it('holds what keeps every limit of the rulebook, and nothing beyond an edge does', () => {
    fc.assert(
      fc.property(
        share,
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 5, maxLength: 5 }),
        (f, weights) => {
          const wish: EnvelopeWish = { ballShare: f, plusMinus: 0, ...spot, leastLoad: 0 };
          const found = envelope(view, wish)!;
          for (const piece of found.pieces) {
            const inside = insideOf(piece, weights);
            const apart = apartIds(found);
            for (const check of judgedAt(view, wish, inside).values()) {
              if (!binds(check) || check.margin === null || apart.has(check.id) || !found.checks.has(check.id))
                continue;
              expect(check.margin, check.id).toBeGreaterThan(-1e-6);
            }
            piece.forEach((corner, at) => {
              const next = piece[(at + 1) % piece.length]!;
              if (!found.checks.has(corner.edge)) return;
              // A tenth of a kilogram beyond the middle of the edge, straight out.
              const along = { m: next.trailerMass - corner.trailerMass, l: next.load - corner.load };
              const length = Math.hypot(along.m, along.l);
              const beyond = {
                trailerMass: (corner.trailerMass + next.trailerMass) / 2 + (0.1 * along.l) / length,
                load: (corner.load + next.load) / 2 - (0.1 * along.m) / length,
              };
              if (beyond.trailerMass < 0 || beyond.load < 0) return;
              const passed = judgedAt(view, wish, beyond).get(corner.edge);
              expect(passed?.margin, corner.edge).toBeLessThan(1e-6);
            });
          }
        },
      ),
      { numRuns: 12 },
    );
  });

  it('has each corner on its two edges, and tells the margins there as the rulebook does', () => {
    fc.assert(
      fc.property(share, (f) => {
        const wish: EnvelopeWish = { ballShare: f, plusMinus: 0, ...spot, leastLoad: 0 };
        const found = envelope(view, wish)!;
        for (const piece of found.pieces) {
          piece.forEach((corner, at) => {
            const judged = judgedAt(view, wish, corner);
            const margins = new Map(marginsAt(found, corner).map(({ check, margin }) => [check.id, margin]));
            for (const edge of edgesOf(piece, at)) {
              if (found.checks.has(edge)) expect(margins.get(edge), edge).toBeCloseTo(0, 5);
            }
            for (const [id, margin] of margins) {
              const rulebook = judged.get(id)?.margin;
              if (rulebook !== undefined) expect(margin, id).toBeCloseTo(rulebook ?? NaN, 5);
            }
          });
        }
      }),
      { numRuns: 8 },
    );
  });

  it('with the share in doubt lies inside the one of every share within its ±', () => {
    const wish: EnvelopeWish = { ballShare: 0.07, plusMinus: 0.02, ...spot, leastLoad: 0 };
    const found = envelope(view, wish)!;
    for (const ballShare of [0.05, 0.06, 0.07, 0.08, 0.09]) {
      const one = envelope(view, { ...wish, ballShare, plusMinus: 0 })!;
      for (const corner of found.certain.flat()) {
        for (const { check, margin } of marginsAt(one, corner)) expect(margin, check.id).toBeGreaterThan(-1e-6);
      }
    }
  });
});

describe('a region', () => {
  const [, wagon] = rigs.find(([name]) => name.includes('wagon'))!;
  const wish: EnvelopeWish = { ballShare: 0.09, plusMinus: 0, ...spotOf(wagon), leastLoad: 0 };
  const areaOf = (pieces: readonly Polygon[]) =>
    pieces.reduce(
      (all, piece) =>
        all +
        piece.reduce((sum, one, at) => {
          const next = piece[(at + 1) % piece.length]!;
          return sum + one.trailerMass * next.load - next.trailerMass * one.load;
        }, 0) /
          2,
      0,
    );

  it('shrinks when a limit does, and never grows', () => {
    const before = areaOf(envelope(wagon, wish)!.pieces);
    const figures = wagon.vehicle!.plates.flatMap((plate) => plate.figures.map(({ limit }) => limit));
    fc.assert(
      fc.property(fc.constantFrom(...figures), fc.double({ min: 0.6, max: 1, noNaN: true }), (limit, by) => {
        const lower = wagon.vehicle!.plates.map((plate) => ({
          ...plate,
          figures: plate.figures.map((one) => (one.limit === limit ? { ...one, value: one.value * by } : one)),
        }));
        const after = envelope({ ...wagon, vehicle: { ...wagon.vehicle!, plates: lower } }, wish)!;
        if (after.apart.length > 0) return;
        expect(areaOf(after.pieces)).toBeLessThanOrEqual(before + 1e-6);
      }),
      { numRuns: 40 },
    );
  });

  it('of a car of which five figures are known has the edges those make, and says what else could end it', () => {
    const vehicle = {
      ...wagon.vehicle!,
      geometry: {},
      places: [],
      tanks: [],
      fitted: [],
      seats: [],
      typical: undefined,
      emptyMass: { basis: 'kerb' as const, total: 2200, source: 'brochure' as const },
      plates: [
        {
          id: 'p',
          source: 'handbook' as const,
          figures: [
            { limit: 'vehicleMax' as const, value: 3000, typed: '3000' },
            { limit: 'rearAxleMax' as const, value: 1750, typed: '1750' },
            { limit: 'combinationMax' as const, value: 5600, typed: '5600' },
            { limit: 'towBraked' as const, value: 3200, typed: '3200' },
          ],
        },
      ],
    };
    const loadout = { ...wagon.loadout, placements: [], crew: [], tankLevels: [], said: undefined };
    const rig = { ...wagon.rig, trailer: undefined, hitch: undefined };
    const sparse: RigView = { ...wagon, rig, vehicle, trailer: undefined, loadout };
    const start = pairingStart(sparse);
    expect(start).toMatchObject({ from: 'band', today: null, spots: [{ place: null, x: null, holds: 0 }] });
    const found = envelope(sparse, { ballShare: start.ballShare, plusMinus: 0, x: null, leastLoad: 0 })!;
    // 0.1·M + L ≤ 3000 − 2200, M + L ≤ 5600 − 2200, M ≤ 3200, by hand.
    const f = start.ballShare;
    expect(
      found.pieces[0]!.map(({ trailerMass, load, edge }) => [Math.round(trailerMass), Math.round(load), edge]),
    ).toEqual([
      [0, 0, 'noLoad'],
      [3200, 0, 'tow.braked'],
      [3200, 200, 'combination.max'],
      [Math.round((3400 - 800) / (1 - f)), Math.round(3400 - (3400 - 800) / (1 - f)), 'vehicle.max'],
      [0, 800, 'noTrailer'],
    ]);
    expect(found.open.map(({ id }) => id)).toContain('axle.rear');
    expect(found.carriesMost).toMatchObject({ trailerMass: expect.closeTo(3200, 6) as number });
  });

  it('that nothing known ends is open, and has no corner that carries most', () => {
    const bare: RigView = {
      ...wagon,
      vehicle: { ...wagon.vehicle!, plates: [] },
      rig: { ...wagon.rig, trailer: undefined },
      trailer: undefined,
    };
    const found = envelope(bare, wish)!;
    expect(found.pieces.flat().some(({ edge }) => edge === 'open')).toBe(true);
    expect(found.carriesMost).toBeNull();
  });

  it('of any trailer is coupled as today’s is, and the plates of today’s end nothing', () => {
    const [, pickUp] = rigs.find(([name]) => name.includes('corella'))!;
    const start = pairingStart(pickUp);
    const asked = { ballShare: start.ballShare, plusMinus: 0, ...spotOf(pickUp), leastLoad: 0 };
    const own = envelope(pickUp, asked)!;
    const any = envelope(withAnyTrailer(pickUp), asked)!;
    const ids = ({ checks }: Envelope) => [...checks.keys()];
    // The pin stands over the rear axle, the ball behind it: the front axle tells them apart.
    const front = (of: Envelope) => of.planes.find(({ id }) => id === 'axle.front')?.bounds[0].loss[0];
    expect(front(any)).toBeCloseTo(front(own) ?? Number.NaN, 9);
    expect(ids(own)).toContain('trailer.max');
    expect(ids(any)).not.toContain('trailer.max');
    expect(any.open.map(({ id }) => id)).not.toContain('trailer.max');
  });

  it('starts from today: its share, its trailer, and the fullest place of the car', () => {
    const start = pairingStart(wagon);
    const { values } = assess(wagon).loads;
    const kg = (name: 'ballLoad' | 'trailerTotal') => {
      const value = values[name];
      return value.kind === 'known' ? value.value : Number.NaN;
    };
    expect(start.from).toBe('today');
    expect(start.ballShare).toBeCloseTo(kg('ballLoad') / kg('trailerTotal'), 9);
    expect(start.today?.trailerMass).toBeCloseTo(kg('trailerTotal'), 9);
    // Today's point stands to its limits in the region as the verdict says it does.
    const found = envelope(wagon, { ballShare: start.ballShare, plusMinus: 0, ...spotOf(wagon), leastLoad: 0 })!;
    const today = new Map(assess(wagon).checks.map(({ id, margin }) => [id, margin]));
    for (const { check, margin } of marginsAt(found, start.today!)) {
      if (!check.id.includes('@')) expect(margin, check.id).toBeCloseTo(today.get(check.id) ?? Number.NaN, 4);
    }
  });
});

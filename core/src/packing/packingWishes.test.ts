import { describe, expect, it } from 'vitest';
import type { PackingWish } from '../loading/packingWish.ts';
import type { RigView } from '../loading/rigView.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { exampleView } from '../testing/examples.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { judge } from '../verdict/assess.ts';
import { pack, packed, type Packing } from './pack.ts';

const wagon = exampleView('australian-wagon-and-tandem');
const estate = exampleView('german-estate-and-caravan');
const motorhome = exampleView('german-motorhome');

function packingOf(view: RigView, wish: PackingWish = {}, more: readonly RigView[] = []): Packing {
  const answer = pack([view, ...more], wish, testSolver, patient);
  if (!('packing' in answer)) throw new Error(`${answer.kind}: ${JSON.stringify(answer)}`);
  return answer.packing;
}
const broken = (view: RigView) =>
  judge(view)
    .checks.filter(({ status, kind, role }) => status === 'over' && (kind !== 'guidance' || role === 'band'))
    .map(({ id }) => id);
const placeOf = ({ loadout }: Packing, thing: string) => loadout.placements.find((one) => one.thing === thing)?.place;

describe('what an owner wants of a packing', () => {
  it('mends what is over today with the fewest moves, and nothing is moved where nothing is over', () => {
    expect(broken(wagon)).not.toEqual([]);
    const mended = packingOf(wagon);
    expect(mended.moves).toHaveLength(1);
    expect(broken(packed(wagon, mended.moves))).toEqual([]);
    expect(packingOf(motorhome).moves).toEqual([]);
  });

  it('leaves where they are the things that stay, and finds another way', () => {
    const [first] = packingOf(wagon).moves;
    const other = packingOf(wagon, { things: [{ thing: first?.id ?? '', how: 'stays' }] });
    expect(placeOf(other, first?.id ?? '')).toBe(first?.leaves);
    expect(other.moves.length).toBeGreaterThanOrEqual(1);
    expect(broken(packed(wagon, other.moves))).toEqual([]);
  });

  it('puts nothing where it is never to go, nor into a place that is closed', () => {
    const [first] = packingOf(wagon).moves;
    const to = first?.to ?? { body: '', place: '' };
    const spot = { body: to.body, place: to.place };
    const elsewhere = packingOf(wagon, { never: [{ thing: first?.id ?? '', ...spot }] });
    expect(placeOf(elsewhere, first?.id ?? '')).not.toBe(to.place);
    const closed = packingOf(wagon, { closed: [spot] });
    expect(closed.moves.every((move) => move.to?.place !== to.place)).toBe(true);
  });

  it('takes nothing that nobody spoke of from inside to a rack, and brings what rides outside no further in than a garage', () => {
    const kinds = new Map(
      [motorhome.vehicle, motorhome.camper].flatMap((body) => body?.places.map((one) => [one.id, one.kind]) ?? []),
    );
    const best = packingOf(motorhome, { aims: ['mostMargin'] });
    for (const { id, leaves = '', to } of best.moves) {
      if (!to || motorhome.things.get(id)?.onlyIn) continue;
      const [was, is] = [kinds.get(leaves) ?? '', kinds.get(to.place) ?? ''];
      const outside = ['rack', 'roof', 'tray'];
      expect(outside.includes(is)).toBe(outside.includes(was) && is !== 'garage');
    }
  });

  it('makes no more moves than it may, and more room with each that it may', () => {
    const margins = [1, 2, 3].map((mostMoves) => {
      const found = packingOf(wagon, { aims: ['mostMargin'], mostMoves });
      expect(found.moves.length).toBeLessThanOrEqual(mostMoves);
      return found.reached.find(({ aim }) => aim === 'mostMargin')?.value ?? NaN;
    });
    expect(margins).toEqual(margins.toSorted((a, b) => a - b));
  });

  it('reaches the aims in their order: what comes first is never given away for what comes after', () => {
    const roomy = packingOf(estate, { aims: ['mostMargin', 'fewestMoves'] });
    const few = packingOf(estate, { aims: ['fewestMoves', 'mostMargin'] });
    const value = (of: Packing, aim: string) => of.reached.find((one) => one.aim === aim)?.value ?? NaN;
    expect(value(roomy, 'mostMargin')).toBeGreaterThanOrEqual(value(few, 'mostMargin') - 0.5);
    expect(value(few, 'fewestMoves')).toBeLessThanOrEqual(value(roomy, 'fewestMoves'));
  });

  it('keeps every limit by two standard deviations where somebody wants to be certain', () => {
    const sure = packingOf(wagon, { certain: true });
    for (const { kind, margin, sigma, status, id } of judge(packed(wagon, sure.moves)).checks) {
      if (!sure.foretold.has(id) || kind === 'guidance' || status === 'unknown') continue;
      expect(margin ?? NaN, id).toBeGreaterThanOrEqual(2 * (sigma ?? 0) - 1e-6);
    }
  });

  it('fills a tank within its bounds where that is wanted, to a whole hundredth', () => {
    const [tank] = wagon.trailer?.tanks.filter(({ kind }) => kind === 'fresh') ?? [];
    const body = wagon.trailer?.id ?? '';
    const wish: PackingWish = {
      aims: ['ballMiddle'],
      things: wagon.loadout.placements.map(({ thing }) => ({ thing, how: 'stays' as const })),
      tanks: [{ body, tank: tank?.id ?? '', from: 0.1, to: 0.6 }],
      noBand: true,
    };
    const stays = pack([wagon], wish, testSolver, patient);
    if (!('packing' in stays)) {
      // By water alone what is over is not mended: then it says so.
      expect(stays.kind).toBe('impossible');
      return;
    }
    for (const { kind, fraction = NaN } of stays.packing.moves) {
      expect(kind).toBe('tank');
      expect(fraction).toBeGreaterThanOrEqual(0.1);
      expect(fraction).toBeLessThanOrEqual(0.6);
      expect(Math.round(100 * fraction)).toBeCloseTo(100 * fraction, 9);
    }
  });

  it('lets people change seats but for the driver, one to a seat', () => {
    const found = packingOf(wagon, { seats: true, aims: ['mostMargin'] });
    const driver = wagon.vehicle?.seats.find((seat) => seat.driver)?.id;
    const at = (crew: RigView['loadout']['crew']) => crew.find(({ seat }) => seat === driver)?.id;
    expect(at(found.loadout.crew)).toBe(at(wagon.loadout.crew));
    const seats = found.loadout.crew.flatMap(({ seat }) => seat ?? []);
    expect(new Set(seats).size).toBe(seats.length);
    expect(found.loadout.crew.map(({ id }) => id)).toEqual(wagon.loadout.crew.map(({ id }) => id));
  });

  it('parts several of one thing where they may be parted, and loses none', () => {
    const [first] = wagon.loadout.placements;
    if (!first) throw new Error('something is on board');
    const thing = { ...wagon.things.get(first.thing), id: first.thing, name: 'Bricks', mass: 6 };
    const many: RigView = {
      ...wagon,
      things: new Map([...wagon.things, [thing.id, thing]]),
      loadout: {
        ...wagon.loadout,
        placements: [...wagon.loadout.placements.filter((one) => one !== first), { ...first, count: 12 }],
      },
    };
    const found = packingOf(many, { parted: true, aims: ['mostMargin'], mostMoves: 4 });
    const count = found.loadout.placements.reduce((sum, one) => (one.thing === thing.id ? sum + one.count : sum), 0);
    expect(count).toBe(12);
    expect(found.broken).toEqual([]);
  });

  it('holds at all moments: with the water used up and the waste tank full as well', () => {
    const levels = (full: boolean): RigView => ({
      ...estate,
      loadout: {
        ...estate.loadout,
        tankLevels: [estate.vehicle, estate.trailer].flatMap(
          (body) =>
            body?.tanks.flatMap(({ id, kind }) =>
              kind === 'fuel' || kind === 'gas'
                ? []
                : [{ body: body.id, tank: id, fraction: (kind === 'fresh') === full ? 1 : 0 }],
            ) ?? [],
        ),
      },
    });
    const [start, end] = [levels(true), levels(false)];
    const answer = pack([start, end], {}, testSolver, patient);
    if (!('packing' in answer)) throw new Error(answer.kind);
    const { moves } = answer.packing;
    // Needed at all: today's packing does not hold at both.
    expect([...broken(start), ...broken(end)]).not.toEqual([]);
    expect([...broken(packed(start, moves)), ...broken(packed(end, moves))]).toEqual([]);
  });

  it('of a rig of which next to nothing is known moves nothing, and says what nobody can judge', () => {
    const bare: RigView = {
      ...wagon,
      vehicle: wagon.vehicle && {
        ...wagon.vehicle,
        geometry: {},
        places: wagon.vehicle.places.map((one) => withoutUndefined({ ...one, x: undefined })),
      },
      trailer: wagon.trailer && {
        ...wagon.trailer,
        geometry: { axles: 2 },
        places: wagon.trailer.places.map((one) => withoutUndefined({ ...one, x: undefined })),
      },
    };
    const answer = pack([bare], { aims: ['mostMargin'] }, testSolver, patient);
    expect(answer.unjudged.length).toBeGreaterThan(0);
    if ('packing' in answer) expect(answer.packing.moves.every(({ to }) => to === null)).toBe(true);
  });
});

describe('the order of the moves', () => {
  it('is one in which nothing gets further over on the way, where there is one', () => {
    for (const view of [wagon, estate]) {
      const { moves } = packingOf(view, { aims: ['mostMargin'], mostMoves: 5 });
      const over = (rig: RigView) =>
        judge(rig).checks.reduce(
          (sum, { margin, kind, role, status }) =>
            status === 'over' && (kind !== 'guidance' || role === 'band') ? sum - (margin ?? 0) : sum,
          0,
        );
      let before = over(view);
      moves.forEach((move, at) => {
        const now = over(packed(view, moves.slice(0, at + 1)));
        expect(move.worse).toBe(now > before + 0.05);
        before = now;
      });
      expect(before).toBe(0);
    }
  });
});

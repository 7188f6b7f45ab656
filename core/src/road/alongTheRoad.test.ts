import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { compile } from '../loads/compile.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { viewRig } from '../document/viewRig.ts';
import { judge } from '../verdict/assess.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import tripCases from '../testing/cases/trip.json' with { type: 'json' };
import { alongTheRoad, type RoadMoment } from './alongTheRoad.ts';
import { flowing } from './flowing.ts';
import type { Flow, RoadEvent, TankOf } from './roadEvent.ts';
import { keyOf, levelsOf, withLevels } from './tanks.ts';

interface CaseEvent {
  readonly id: string;
  readonly kind: string;
  readonly flows?: readonly { readonly from: string | null; readonly to: string | null; readonly litres: number }[];
  readonly set?: readonly { readonly tank: string; readonly litres: number }[];
  readonly add?: readonly { readonly body: string; readonly id: string; readonly m: number; readonly x: number }[];
}
interface TripCase {
  readonly id: string;
  readonly title: string;
  readonly given: { readonly rig: CaseRig; readonly limits: CaseRig['limits']; readonly events: readonly CaseEvent[] };
  readonly expect: {
    readonly points: readonly (Readonly<Record<string, number | string>> & { readonly at: string })[];
    readonly worst: Readonly<Record<string, { readonly margin: number; readonly at: string }>>;
    readonly crossings: readonly {
      readonly limit: string;
      readonly direction: string;
      readonly event: string;
      readonly fraction: number | null;
    }[];
  };
}
const cases = tripCases as unknown as readonly TripCase[];

/** The cases' names for loads and limits. A share of the ball load is asked from the other side: the band that ends at 7 %. */
const quantities: Readonly<Record<string, QuantityName>> = {
  R_front: 'frontAxle',
  R_rear: 'rearAxle',
  B: 'ballLoad',
  G: 'trailerAxles',
};
const checks: Readonly<Record<string, { readonly id: string; readonly sign: 1 | -1 }>> = {
  vehicleMax: { id: 'vehicle.max', sign: 1 },
  frontAxleMax: { id: 'axle.front', sign: 1 },
  rearAxleMax: { id: 'axle.rear', sign: 1 },
  combinationMax: { id: 'combination.max', sign: 1 },
  trailerMax: { id: 'trailer.max', sign: 1 },
  ballMax: { id: 'ball.max', sign: 1 },
  ballMinFraction: { id: 'ball.shareHigh', sign: -1 },
};

function viewOf({ given }: TripCase): RigView {
  const limits = Object.fromEntries(Object.entries(given.limits ?? {}).filter(([name]) => name !== 'ballMinFraction'));
  const view = caseView({ ...given.rig, limits });
  return { ...view, situation: { ...view.situation, ballSchool: 'uk-5-7' } };
}

const capacityIn = (view: RigView, tank: string): number =>
  [...levelsOf(view).values()].find(({ of }) => 'tank' in of && of.tank === tank)?.capacity ?? NaN;

function eventsOf(view: RigView, { given }: TripCase): readonly RoadEvent[] {
  const bodies = [view.vehicle, view.trailer];
  const of = (tank: string): TankOf => ({
    body: bodies.find((body) => body?.tanks.some(({ id }) => id === tank))?.id ?? '',
    tank,
  });
  return given.events.map(({ id, kind, flows = [], set = [], add = [] }): RoadEvent =>
    kind === 'flow'
      ? {
          id,
          kind: 'flow',
          flows: flows.map(({ from, to, litres }) => ({
            from: from ? of(from) : null,
            to: to ? of(to) : null,
            amount: litres,
          })),
        }
      : {
          id,
          kind: 'stop',
          change: {
            set: set.map(({ tank, litres }) => ({ ...of(tank), fraction: litres / capacityIn(view, tank) })),
            bring: add.map(({ body, id: thing, m, x }) => ({
              thing: { id: thing, name: thing, mass: m },
              placement: { thing, count: 1, body, place: view.vehicle?.places.find((one) => one.x === x)?.id ?? '' },
            })),
          },
        },
  );
}

const nameOf = ({ event, share }: RoadMoment, stops: ReadonlySet<string>): string =>
  event === null ? 'start' : stops.has(event) ? `${event}:after` : `${event}:${share === 1 ? 'end' : share}`;

describe.each(cases)('$id $title', (one) => {
  const start = viewOf(one);
  const events = eventsOf(start, one);
  const stops = new Set(events.filter(({ kind }) => kind === 'stop').map(({ id }) => id));
  const { moments, crossings, least } = alongTheRoad(start, events);

  it('has its loads at every event', () => {
    const found = new Map(moments.map((moment) => [nameOf(moment, stops), compile(moment.view).values]));
    for (const { at, ...loads } of one.expect.points) {
      for (const [name, wanted] of Object.entries(loads)) {
        const value = found.get(at)?.[quantities[name] ?? 'frontAxle'];
        expect(value?.kind === 'known' ? value.value : NaN, `${at} ${name}`).toBeCloseTo(Number(wanted), 2);
      }
    }
  });

  it('has its least margins, each at its moment', () => {
    for (const [limit, { margin, at }] of Object.entries(one.expect.worst)) {
      const { id, sign } = checks[limit] ?? { id: '', sign: 1 };
      if (sign === 1) {
        const found = least.find(({ check }) => check === id);
        expect(found?.margin, limit).toBeCloseTo(margin, 2);
        expect(found && nameOf(found.moment, stops), limit).toBe(at);
        continue;
      }
      const margins = moments.map((moment) => moment.checks.find((check) => check.id === id)?.margin ?? NaN);
      expect(-Math.max(...margins), limit).toBeCloseTo(margin, 2);
      expect(nameOf(moments[margins.indexOf(Math.max(...margins))]!, stops), limit).toBe(at);
    }
  });

  it('crosses its limits where it does, exactly', () => {
    const wanted = one.expect.crossings.map(({ limit, direction, event, fraction }) => {
      const { id, sign } = checks[limit] ?? { id: '', sign: 1 };
      return { check: id, into: sign === 1 ? direction : direction === 'over' ? 'within' : 'over', event, fraction };
    });
    const asked = new Set(wanted.map(({ check }) => check));
    const found = crossings.filter(({ check }) => asked.has(check));
    expect(found.map(({ check, into, event }) => ({ check, into, event }))).toEqual(
      wanted.map(({ check, into, event }) => ({ check, into, event })),
    );
    for (const [at, { fraction }] of wanted.entries())
      if (fraction === null) expect(found[at]?.share).toBeNull();
      else expect(found[at]?.share).toBeCloseTo(fraction, 6);
  });
});

describe('on any way', () => {
  const start = viewOf(cases[1]!);
  const tanks = [...levelsOf(start).values()].flatMap(({ of }) => ('tank' in of ? [of] : []));
  const flow = fc
    .record({
      from: fc.option(fc.constantFrom(...tanks)),
      to: fc.option(fc.constantFrom(...tanks)),
      amount: fc.double({ min: 0, max: 150, noNaN: true }),
    })
    .filter(({ from, to }) => (from ?? to) !== null && !(from && to && keyOf(from) === keyOf(to)));
  const flows: fc.Arbitrary<Flow[]> = fc.array(flow, { minLength: 1, maxLength: 4 });
  const filled = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), {
    minLength: tanks.length,
    maxLength: tanks.length,
  });
  const withFilling = (fill: readonly number[]) =>
    new Map([...levelsOf(start)].map(([key, one], at) => [key, { ...one, amount: one.capacity * (fill[at] ?? 0) }]));

  it('no tank holds less than nothing or more than it can, and no litre is lost', () => {
    fc.assert(
      fc.property(flows, filled, (all, fill) => {
        const levels = withFilling(fill);
        const { parts, short, spilt } = flowing(levels, all);
        const end = parts.at(-1)?.after ?? levels;
        for (const { amount, capacity } of end.values()) {
          expect(amount).toBeGreaterThanOrEqual(-1e-6);
          expect(amount).toBeLessThanOrEqual(capacity + 1e-6);
        }
        const sum = (list: readonly { readonly amount: number }[]) =>
          list.reduce((whole, { amount }) => whole + amount, 0);
        const gave = (one: Flow) => one.amount;
        const comes = all.filter(({ from }) => !from).reduce((whole, one) => whole + gave(one), 0);
        const before = sum([...levels.values()]);
        const after = sum([...end.values()]);
        // What is used up is what was wanted of tanks for nowhere, less what was short of it.
        const used = all.filter(({ from, to }) => from && !to).reduce((whole, one) => whole + gave(one), 0);
        const gone = before + comes - after - sum(spilt);
        expect(gone).toBeGreaterThanOrEqual(-1e-6);
        expect(gone).toBeLessThanOrEqual(used + 1e-6);
        if (short.length === 0) expect(gone).toBeCloseTo(used, 6);
      }),
    );
  });

  it('no moment in between is worse than those that are told', () => {
    fc.assert(
      fc.property(flows, filled, fc.double({ min: 0, max: 1, noNaN: true }), (all, fill, part) => {
        const view = withLevels(start, withFilling(fill));
        const { least } = alongTheRoad(view, [{ id: 'way', kind: 'flow', flows: all }]);
        // Only as far as some share of the way, reckoned by itself.
        const shorter = all.map((one) => ({ ...one, amount: part * one.amount }));
        const { moments } = alongTheRoad(view, [{ id: 'part', kind: 'flow', flows: shorter }]);
        for (const { check, margin } of least) {
          const then = moments.at(-1)?.checks.find(({ id }) => id === check)?.margin ?? null;
          if (then !== null) expect(then, check).toBeGreaterThanOrEqual(margin - 1e-5);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('finds nothing left of a limit where it is said to be crossed', () => {
    fc.assert(
      fc.property(flows, filled, (all, fill) => {
        const view = withLevels(start, withFilling(fill));
        const { crossings } = alongTheRoad(view, [{ id: 'way', kind: 'flow', flows: all }]);
        for (const { check, share } of crossings) {
          const shorter = all.map((one) => ({ ...one, amount: (share ?? 1) * one.amount }));
          const then = alongTheRoad(view, [{ id: 'part', kind: 'flow', flows: shorter }]).moments.at(-1);
          expect(then?.checks.find(({ id }) => id === check)?.margin).toBeCloseTo(0, 4);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('stops that touch different things may change places', () => {
    const [first, second] = tanks;
    if (!first || !second) throw new Error('two tanks');
    const fill = (of: TankOf, fraction: number, id: string): RoadEvent => ({
      id,
      kind: 'stop',
      change: { set: [{ ...of, fraction }] },
    });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 20 }), (a, b) => {
        const one = alongTheRoad(start, [fill(first, a / 20, 'a'), fill(second, b / 20, 'b')]).moments.at(-1);
        const other = alongTheRoad(start, [fill(second, b / 20, 'b'), fill(first, a / 20, 'a')]).moments.at(-1);
        const margins = (moment: RoadMoment | undefined) => moment?.checks.map(({ id, margin }) => [id, margin]);
        expect(margins(one)).toEqual(margins(other));
        expect(margins(one)).toEqual(one && runRulebook(compile(one.view)).map(({ id, margin }) => [id, margin]));
      }),
      { numRuns: 30 },
    );
  });

  it('tells what ran out and what went over, and when', () => {
    const [tank] = tanks.filter(({ tank: id }) => id === 'water-1');
    const [grey] = tanks.filter(({ tank: id }) => id === 'grey');
    if (!tank || !grey) throw new Error('its tanks');
    // 90 L of water, and room for 75 in the grey tank: it is full after 75 of 120, the water out after 90.
    const { parts, short, spilt } = flowing(levelsOf(start), [{ from: tank, to: grey, amount: 120 }]);
    expect(parts.map(({ to, ends }) => [to, ends && keyOf(ends.of), ends?.runs])).toEqual([
      [expect.closeTo(75 / 120, 9), keyOf(grey), 'full'],
      [expect.closeTo(90 / 120, 9), keyOf(tank), 'empty'],
      [1, null, undefined],
    ]);
    expect(short).toEqual([{ of: tank, amount: expect.closeTo(30, 6) as number }]);
    expect(spilt).toEqual([{ of: grey, amount: expect.closeTo(15, 6) as number }]);
  });
});

describe('a journey judged moment by moment', () => {
  it.each(exampleNames)('says what the whole rulebook says of each moment by itself: %s', (name) => {
    const workspace = exampleWorkspace(name);
    for (const { id } of workspace.rigs) {
      const view = viewRig(workspace, id);
      if (!view) throw new Error('no rig');
      const tanks = [view.vehicle, view.trailer, view.camper].flatMap((body) =>
        (body?.tanks ?? []).map((tank): TankOf => ({ body: body?.id ?? '', tank: tank.id })),
      );
      const events = tanks.flatMap((tank, n): RoadEvent[] => [
        {
          id: `use ${n}`,
          kind: 'flow',
          flows: [{ from: tank, to: null, amount: 7 }],
          until: `2027-0${1 + (n % 9)}-11`,
        },
        { id: `fill ${n}`, kind: 'stop', change: { set: [{ ...tank, fraction: n % 2 }] } },
        {
          id: `border ${n}`,
          kind: 'stop',
          change:
            n % 2 === 0
              ? { where: { travel: { country: n % 4 === 0 ? 'FR' : 'DE' } } }
              : { trailer: n % 4 === 1 ? 'left' : 'fetched' },
        },
      ]);
      const { moments } = alongTheRoad(view, events);
      expect(moments.length).toBeGreaterThan(tanks.length);
      for (const moment of moments) expect(moment.checks).toEqual(judge(moment.view).checks);
    }
  });
});

import type { RigView } from '../loading/rigView.ts';
import type { PackingAim } from '../loading/packingWish.ts';
import { bindsLoad } from '../checks/check.ts';
import { inertiaPerKg } from '../balance/yawInertia.ts';
import { rigLengths } from '../loading/rigLengths.ts';
import type { Decisions, Effect, Way } from './decisions.ts';
import { leftOf, type Bound } from '../limits/limitLine.ts';
import { guardsOf, type Guard, type Guarded, type GuardOptions } from './guards.ts';
import { ProgrammeBuilder, type Programme, type Term } from './programme.ts';

/** A column that puts mass somewhere. */
interface Unit {
  readonly column: number;
  readonly effect: Effect;
  readonly now: number;
  readonly most: number;
}

/** The columns of one decision, way by way. */
interface Columns {
  readonly things: readonly (readonly number[])[];
  readonly seats: readonly (readonly number[])[];
  /** Of each tank: how full it is then, and that it is filled otherwise at all. */
  readonly tanks: readonly { readonly level: number; readonly changed: number }[];
}

/** What is to be packed, as a programme, and how its columns are read. */
export interface PackingProgramme {
  readonly programme: Programme;
  readonly decisions: Decisions;
  readonly columns: Columns;
  readonly units: readonly Unit[];
  readonly guarded: Guarded;
  /** What each aim makes least; left out where it means nothing for this rig. */
  readonly sums: Readonly<Partial<Record<PackingAim, readonly Term[]>>>;
  /** kg·m² that are there as things lie now, beside what the sum of the inertia says. */
  readonly inertiaNow: number;
}

interface Wanted {
  readonly moments: readonly RigView[];
  readonly decisions: Decisions;
  readonly options: GuardOptions;
  readonly mostMoves?: number | undefined;
  readonly aims: readonly PackingAim[];
  /** Only these limits have to be kept; left out: all. By the ids of their checks. */
  readonly only?: ReadonlySet<string> | undefined;
  /** The limits, where they are known already. */
  readonly guarded?: Guarded | undefined;
}

/** Packing as a mixed integer linear programme: where what goes, every limit kept. */
export function packingProgramme(wanted: Wanted): PackingProgramme {
  const { moments, decisions, aims } = wanted;
  const builder = new ProgrammeBuilder();
  const units: Unit[] = [];
  const add = (way: Way): number => {
    const column = builder.add(0, way.most, true);
    if (way.effect) units.push({ column, effect: way.effect, now: way.now, most: way.most });
    return column;
  };
  const moves: Term[] = [];
  const left: Term[] = [];
  const things = decisions.things.map((thing) => {
    const columns = thing.ways.map(add);
    builder.keep(columns.map(one), { from: thing.units, to: thing.units });
    thing.ways.forEach(({ to, now }, at) => {
      const column = columns[at] ?? 0;
      if (to === null) left.push({ column, factor: thing.mass });
      if (now > 0) return;
      if (thing.units === 1) return void moves.push(one(column));
      // Some of several: carried to a place at all, however many.
      const carried = builder.add(0, 1, true);
      builder.keep([one(column), { column: carried, factor: -thing.units }], { to: 0 });
      moves.push(one(carried));
    });
    return columns;
  });
  const tanks = decisions.tanks.map(({ effect, now, from, to }) => {
    const level = builder.add(0, to, true);
    const changed = builder.add(now < from || now > to ? 1 : 0, 1, true);
    // What is in it now goes, and so many hundredths are there instead.
    const gone = { ...effect, masses: effect.masses.map((mass) => -mass * now) };
    units.push({ column: level, effect, now: 0, most: to }, { column: changed, effect: gone, now: 0, most: 1 });
    builder.keep([one(level), { column: changed, factor: -Math.floor(to + 1e-9) }], { to: 0 });
    builder.keep([one(level), { column: changed, factor: -Math.ceil(from - 1e-9) }], { from: 0 });
    moves.push(one(changed));
    return { level, changed };
  });
  const seats = decisions.seats.map((somebody) => {
    const columns = somebody.ways.map(add);
    builder.keep(columns.map(one), { from: 1, to: 1 });
    somebody.ways.forEach(({ now }, at) => now === 0 && moves.push(one(columns[at] ?? 0)));
    return columns;
  });
  oneToASeat(builder, decisions, seats);
  if (wanted.mostMoves !== undefined) builder.keep(moves, { to: wanted.mostMoves });

  const guarded =
    wanted.guarded ??
    guardsOf(
      moments,
      units.map(({ effect }) => effect),
      wanted.options,
    );
  const counted = guarded.guards.filter(({ check }) => wanted.only?.has(check.id) ?? true);
  for (const guard of counted) keepGuard(builder, units, guard, guard.need);

  const ways = [...things, ...seats, ...tanks.map(({ changed }) => [changed, asItIs])];
  const inertia = aims.includes('leastInertia') ? inertiaSum(moments[0], units) : null;
  const sums = {
    leastLeft: left,
    fewestMoves: moves,
    mostMargin: aims.includes('mostMargin') ? marginSum(builder, units, guarded, ways) : null,
    ballMiddle: aims.includes('ballMiddle') ? middleSum(builder, units, guarded) : null,
    leastInertia: inertia,
  };
  return {
    programme: builder,
    decisions,
    columns: { things, tanks, seats },
    units,
    guarded,
    sums: Object.fromEntries(Object.entries(sums).filter(([, sum]) => sum && sum.length > 0)),
    inertiaNow: units.reduce(
      (sum, { column, now }) => sum + now * (inertia?.find((term) => term.column === column)?.factor ?? 0),
      0,
    ),
  };
}

const one = (column: number): Term => ({ column, factor: 1 });

function oneToASeat(builder: ProgrammeBuilder, { seats }: Decisions, columns: Columns['seats']): void {
  const bySeat = new Map<string, Term[]>();
  seats.forEach(({ ways }, at) => {
    ways.forEach(({ to }, way) => {
      const terms = bySeat.get(to?.place ?? '') ?? [];
      bySeat.set(to?.place ?? '', [...terms, one(columns[at]?.[way] ?? 0)]);
    });
  });
  for (const terms of bySeat.values()) builder.keep(terms, { to: 1 });
}

/** Σ loss·column of a line, and what its margin is with every column at nought. */
function termsOf(
  units: readonly Unit[],
  { margin, loss }: Bound,
): { readonly terms: Term[]; readonly atNought: number } {
  let atNought = margin;
  const terms = units.flatMap(({ column, now }, at): readonly Term[] => {
    const factor = loss[at] ?? 0;
    atNought += factor * now;
    return Math.abs(factor) < 1e-9 ? [] : [{ column, factor }];
  });
  return { terms, atNought };
}

/** margin ≥ least (plus, where given, so many times a column); of two lines that are either enough, one of them. */
function keepGuard(
  builder: ProgrammeBuilder,
  units: readonly Unit[],
  { line, other }: Guard,
  least: number,
  more: readonly Term[] = [],
): void {
  const keep = (own: Bound, spare: readonly Term[]) => {
    const { terms, atNought } = termsOf(units, own);
    if (terms.length === 0 && more.length === 0 && spare.length === 0 && atNought < least) {
      // No packing changes it: then none keeps it. Said with a column that no programme can have so.
      builder.keep([one(builder.add(0, 0, false))], { from: 1 });
      return;
    }
    builder.keep([...terms, ...more, ...spare], { to: atNought - least });
  };
  if (!other) return keep(line, []);
  const which = builder.add(0, 1, true);
  // A column beside it may be as large as it is let.
  const beside = more.reduce((sum, { column, factor }) => sum + Math.abs(factor) * mostOf(builder, column), 0);
  const [wide, otherWide] = [line, other].map((own) => widest(units, own) + Math.abs(least) + beside);
  keep(line, [{ column: which, factor: -(wide ?? 0) }]);
  // (1 − which) times as much slack.
  const { terms, atNought } = termsOf(units, other);
  builder.keep([...terms, ...more, { column: which, factor: otherWide ?? 0 }], {
    to: atNought - least + (otherWide ?? 0),
  });
}

const mostOf = ({ columns }: ProgrammeBuilder, at: number): number =>
  Math.max(Math.abs(columns[at]?.lower ?? 0), Math.abs(columns[at]?.upper ?? 0));

/** More than a line can ever be short of. */
const widest = (units: readonly Unit[], { margin, loss }: Bound): number =>
  units.reduce((sum, { most }, at) => sum + Math.abs(loss[at] ?? 0) * most, Math.abs(margin)) + 1;

/** kg: no margin worth speaking of is wider. Small, so that what is switched off by it stays exact. */
const farthest = 5000;

const changes = ({ loss }: Bound): boolean => loss.some((each) => Math.abs(each) >= 1e-9);

/** The way of a tank that stays as it is: no column, and it takes nothing of any limit. */
const asItIs = -1;

/**
 * Whether any decision moves a limit: of the ways to treat one thing not all take the same of it. What is on board either way leaves a
 * total where it is, however it is moved about.
 */
function movedBy(units: readonly Unit[], ways: readonly (readonly number[])[], { loss }: Bound): boolean {
  const lossAt = new Map(units.map(({ column }, at) => [column, loss[at] ?? 0]));
  return ways.some((columns) => {
    const losses = columns.map((column) => lossAt.get(column) ?? 0);
    return Math.max(...losses) - Math.min(...losses) >= 1e-9;
  });
}

/** The least that is left of any limit on axles, bodies and coupling that packing can change, as a column to be made most. */
function marginSum(
  builder: ProgrammeBuilder,
  units: readonly Unit[],
  { guards }: Guarded,
  ways: readonly (readonly number[])[],
): readonly Term[] {
  const counted = guards.filter(
    ({ check, line, other }) =>
      bindsLoad(check) && !check.place && [line, other].some((bound) => bound && movedBy(units, ways, bound)),
  );
  if (counted.length === 0) return [];
  const least = builder.add(-farthest, farthest, false);
  for (const guard of counted) keepGuard(builder, units, guard, 0, [one(least)]);
  return [{ column: least, factor: -1 }];
}

/** How far the load on the coupling is from the middle of its band at most, kg. */
function middleSum(builder: ProgrammeBuilder, units: readonly Unit[], { bands }: Guarded): readonly Term[] {
  if (!bands.some(([low, high]) => changes(low) || changes(high))) return [];
  const off = builder.add(0, 1e5, false);
  for (const [low, high] of bands) {
    // low.margin − high.margin is nought in the middle, and twice as far as it is from there.
    const apart: Bound = {
      margin: low.margin - high.margin,
      loss: low.loss.map((each, at) => each - (high.loss[at] ?? 0)),
    };
    const { terms, atNought } = termsOf(units, apart);
    builder.keep([...terms, { column: off, factor: 2 }], { from: atNought });
    builder.keep([...terms, { column: off, factor: -2 }], { to: atNought });
  }
  return [one(off)];
}

/** Σ m·(x − A)² of what is on the trailer, about its axles; about a point that stays, so that it is linear. */
function inertiaSum(view: RigView | undefined, units: readonly Unit[]): readonly Term[] {
  const about = view && rigLengths(view).trailer?.axlePosition;
  if (about === undefined) return [];
  return units.flatMap(({ column, effect }): readonly Term[] =>
    effect.side === 'trailer' ? [{ column, factor: (effect.masses[0] ?? 0) * inertiaPerKg(effect.x, about) }] : [],
  );
}

/** What is left of every limit with these columns: by check, the least of all moments. */
export function marginsThen(
  { units, guarded }: PackingProgramme,
  values: readonly number[],
): ReadonlyMap<string, number> {
  const more = units.map(({ column, now }) => (values[column] ?? 0) - now);
  const margins = new Map<string, number>();
  for (const { check, line, other } of guarded.guards) {
    const left = leftOf({ bounds: other ? [line, other] : [line] }, more);
    margins.set(check.id, Math.min(left, margins.get(check.id) ?? Infinity));
  }
  return margins;
}

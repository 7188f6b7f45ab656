import type { LoadMove } from '../limits/loadMoves.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Guard } from './guards.ts';
import type { PackingProgramme } from './packingProgramme.ts';

/** One thing to carry, a tank to fill or drain, or a seat to take. */
export interface PackingMove extends LoadMove {
  /** kg that are handled. */
  readonly mass: number;
  /** kg over all limits together, once this and what comes before it is done. */
  readonly over: number;
  /** Something is further over for a while than it was the moment before. */
  readonly worse: boolean;
}

interface Candidate {
  readonly move: LoadMove;
  readonly mass: number;
  /** How many more of each effect there are by it, by its number. */
  readonly more: ReadonlyMap<number, number>;
}

/** What has to be done to get from the packing as it is to the one these columns say, in an order in which nothing gets worse where that can be. */
export function packingMoves(packing: PackingProgramme, values: readonly number[]): readonly PackingMove[] {
  const candidates = candidatesOf(packing, values);
  const over = excesses(packing.guarded.guards, candidates);
  return orderOf(candidates, over).map(({ at, before, after }) => {
    const { move, mass } = candidates[at] ?? never();
    return { ...move, mass, over: over(after), worse: over(after) > over(before) + noticed };
  });
}

const never = (): never => {
  throw new Error('an order is of the moves it was asked of');
};

/** kg: less further over is nothing. */
const noticed = 0.05;

function candidatesOf(
  { decisions, columns, units }: PackingProgramme,
  values: readonly number[],
): readonly Candidate[] {
  const unitOf = new Map(units.map(({ column }, at) => [column, at]));
  const value = (column: number | undefined) => (column === undefined ? 0 : (values[column] ?? 0));
  const moreOf = (...changes: readonly (readonly [number | undefined, number])[]) =>
    new Map(
      changes.flatMap(([column, change]): readonly (readonly [number, number])[] => {
        const unit = column === undefined ? undefined : unitOf.get(column);
        return unit === undefined ? [] : [[unit, change]];
      }),
    );
  const things = decisions.things.flatMap((decision, at): readonly Candidate[] => {
    const own = columns.things[at] ?? [];
    const { thing, placement, from, units: most, mass } = decision;
    return decision.ways.flatMap(({ to, now }, way): readonly Candidate[] => {
      const then = value(own[way]);
      if (now > 0 || then === 0) return [];
      const pieces = (placement.count * then) / most;
      const move: LoadMove = {
        kind: 'thing',
        id: thing.id,
        name: thing.name,
        body: from.body,
        from: from.name,
        leaves: from.place,
        to: to && { body: to.body, place: to.place, name: to.name },
        ...(pieces < placement.count ? { count: pieces } : {}),
      };
      return [{ move, mass: mass * then, more: moreOf([own[0], -then], [own[way], then]) }];
    });
  });
  const tanks = decisions.tanks.flatMap(({ body, tank, effect, now }, at): readonly Candidate[] => {
    const { level, changed } = columns.tanks[at] ?? {};
    const then = value(level);
    if (value(changed) === 0 || Math.abs(then - now) < 1e-9) return [];
    const move = {
      kind: 'tank',
      id: tank.id,
      name: tank.name,
      body,
      from: '',
      to: null,
      fraction: then / 100,
    } as const;
    const mass = Math.abs(then - now) * (effect.masses[0] ?? 0);
    return [{ move, mass, more: moreOf([level, then], [changed, 1]) }];
  });
  const seats = decisions.seats.flatMap(({ id, name, from, mass, ways }, at): readonly Candidate[] => {
    const own = columns.seats[at] ?? [];
    const old = ways.findIndex(({ now }) => now === 1);
    const way = ways.findIndex((_, n) => value(own[n]) === 1);
    const to = ways[way]?.to;
    if (!to || way === old) return [];
    const move: LoadMove = { kind: 'seat', id, name, body: from.body, from: from.name, to };
    return [{ move, mass, more: moreOf([own[old], -1], [own[way], 1]) }];
  });
  return [...tanks, ...things, ...seats];
}

/** kg over all limits together once some of the moves are done: the set as bits. */
function excesses(guards: readonly Guard[], candidates: readonly Candidate[]): (done: Bits) => number {
  const lines = guards.map(({ line, other }) => [line, ...(other ? [other] : [])]);
  const losses = lines.map((either) =>
    either.map(({ loss }) =>
      candidates.map(({ more }) => [...more].reduce((sum, [unit, change]) => sum + change * (loss[unit] ?? 0), 0)),
    ),
  );
  const known = new Map<Bits, number>();
  return (done) => {
    const found = known.get(done);
    if (found !== undefined) return found;
    let over = 0;
    lines.forEach((either, guard) => {
      const margins = either.map(({ margin }, n) =>
        (losses[guard]?.[n] ?? []).reduce((left, loss, at) => (has(done, at) ? left - loss : left), margin),
      );
      over += Math.max(0, -Math.max(...margins) - massTolerance);
    });
    known.set(done, over);
    return over;
  };
}

type Bits = bigint;
const has = (set: Bits, at: number): boolean => ((set >> BigInt(at)) & 1n) === 1n;
const withOne = (set: Bits, at: number): Bits => set | (1n << BigInt(at));

interface Step {
  readonly at: number;
  readonly before: Bits;
  readonly after: Bits;
}

/** So many moves are put in the best of all orders; of more, each time the one that leaves least over. */
const fewEnough = 11;

const orderOf = (candidates: readonly Candidate[], over: (done: Bits) => number): readonly Step[] =>
  candidates.length <= fewEnough ? bestOrder(candidates.length, over) : greedyOrder(candidates.length, over);

/** The order in which it gets worse by least on the way, and better soonest; over all sets of moves that are done. */
function bestOrder(count: number, over: (done: Bits) => number): readonly Step[] {
  const best: { cost: number; last: number }[] = [{ cost: 0, last: -1 }];
  for (let set = 1; set < 1 << count; set += 1) {
    let found = { cost: Infinity, last: -1 };
    const after = over(BigInt(set));
    for (let at = 0; at < count; at += 1) {
      if (!((set >> at) & 1)) continue;
      const rest = set & ~(1 << at);
      const rise = Math.max(0, after - over(BigInt(rest)) - noticed);
      const cost = (best[rest]?.cost ?? Infinity) + rise + after * 1e-3 + at * 1e-9;
      if (cost < found.cost) found = { cost, last: at };
    }
    best[set] = found;
  }
  const steps: Step[] = [];
  for (let set = (1 << count) - 1; set > 0;) {
    const at = best[set]?.last ?? 0;
    const rest = set & ~(1 << at);
    steps.unshift({ at, before: BigInt(rest), after: BigInt(set) });
    set = rest;
  }
  return steps;
}

function greedyOrder(count: number, over: (done: Bits) => number): readonly Step[] {
  const steps: Step[] = [];
  const rest = new Set(Array.from({ length: count }, (_, at) => at));
  let before = 0n;
  while (rest.size > 0) {
    let next = { at: -1, over: Infinity };
    for (const at of rest) {
      const then = over(withOne(before, at));
      if (then < next.over - 1e-9) next = { at, over: then };
    }
    const after = withOne(before, next.at);
    steps.push({ at: next.at, before, after });
    rest.delete(next.at);
    before = after;
  }
  return steps;
}

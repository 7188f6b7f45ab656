import { Matrix, pseudoInverse } from 'ml-matrix';
import type { Combination } from '../scale/combination.ts';
import type { Side } from '../statics/pointLoad.ts';
import { ofEnds, type BodyState } from './bodyLoads.ts';
import { sigmaOf, sumKnown, type Known } from './known.ts';
import { ends } from './slipToday.ts';

export type Bodies = Readonly<Record<Side, BodyState>>;

const sides = ['vehicle', 'trailer'] as const;

/** Whether two figures of one load can both be right: no more than two standard deviations apart. */
export function agree(a: Known, b: Known): boolean {
  const apart = less(a, b);
  return Math.abs(apart.value) <= 2 * sigmaOf(apart);
}

const less = (a: Known, b: Known): Known =>
  sumKnown([
    [1, a],
    [-1, b],
  ]);

type Times = readonly [near: number, far: number];

/** How often each end of a body is in a load, and whether nothing else is: what is asked for stays the same. */
const timesIn = new WeakMap<Combination, Readonly<Record<Side, Times>> & { readonly alone: boolean }>();

function endsIn(of: Combination) {
  const known = timesIn.get(of);
  if (known) return known;
  const times = (side: Side): Times => [of[ends[side].near] ?? 0, of[ends[side].far] ?? 0];
  const alone = Object.keys(of).every((name) => endNames.has(name));
  const found = { vehicle: times('vehicle'), trailer: times('trailer'), alone };
  timesIn.set(of, found);
  return found;
}
const endNames: ReadonlySet<string> = new Set(sides.flatMap((side) => Object.values(ends[side])));

/** How often each end of a body is in a load. */
const timesOf = (of: Combination, side: Side): Times => endsIn(of)[side];

/** A load put together of the bodies'; null where one of them is not known, or it is not made of them alone. */
export function composed(of: Combination, bodies: Bodies): Known | null {
  if (!endsIn(of).alone) return null;
  const parts: (readonly [number, Known])[] = [];
  for (const side of sides) {
    const [a, b] = timesOf(of, side);
    const { near, far, sum } = bodies[side];
    if (a === 0 && b === 0) continue;
    if (a === b) {
      if (!sum) return null;
      parts.push([a, sum]);
      continue;
    }
    if ((a !== 0 && !near) || (b !== 0 && !far)) return null;
    if (near) parts.push([a, near]);
    if (far) parts.push([b, far]);
  }
  return parts.length > 0 ? sumKnown(parts) : null;
}

/** A load that slips settle as a whole. */
export interface Said {
  readonly of: Combination;
  readonly known: Known;
}

/** By its slip, the newest 0; what a list has a part in is older than every slip. */
const age = ({ by, slips }: Known): number => (by === 'weighed' ? Math.max(-1, ...slips) : Infinity);

/** What of a body may be shifted: its two ends, or both together where they are not known. */
interface Slot {
  readonly side: Side;
  readonly part: keyof BodyState;
  readonly known: Known;
  /** How often it is in a load. */
  readonly times: (of: Combination) => number;
}

function slotsOf(bodies: Bodies): readonly Slot[] {
  return sides.flatMap((side): readonly Slot[] => {
    const { near, far, sum } = bodies[side];
    const at = (part: keyof BodyState, known: Known | null, times: Slot['times']): readonly Slot[] =>
      known ? [{ side, part, known, times }] : [];
    if (near || far) {
      return [...at('near', near, (of) => timesOf(of, side)[0]), ...at('far', far, (of) => timesOf(of, side)[1])];
    }
    return at('sum', sum, (of) => timesOf(of, side)[0]);
  });
}

/** The oldest of what a load is put together of: of a body that is in it whole, its sum. */
function oldest(of: Combination, bodies: Bodies): number {
  const ages = sides.flatMap((side) => {
    const [a, b] = timesOf(of, side);
    const { near, far, sum } = bodies[side];
    if (a === b) return a === 0 || !sum ? [] : [age(sum)];
    return [...(a !== 0 && near ? [age(near)] : []), ...(b !== 0 && far ? [age(far)] : [])];
  });
  return Math.max(-1, ...ages);
}

/**
 * A newer slip may know a coupled load whose parts come from older ones, or from the list: the difference goes to those parts as
 * their variances. Where the list and such a load cannot both be right, what the list says of its bodies is not known.
 */
export function agreeing(bodies: Bodies, said: readonly Said[]): Bodies {
  const open = said.flatMap(({ of, known }) => {
    const made = composed(of, bodies);
    return made && oldest(of, bodies) > age(known) ? [{ of, known, made }] : [];
  });
  const wrong = open.filter(({ known, made }) => made.by === 'planned' && !agree(made, known));
  if (wrong.length > 0) return agreeing(withoutList(bodies, wrong), said);
  if (open.length === 0) return bodies;
  // A sum that was weighed later than how it lies stays what it is, however its ends are shifted.
  const sums = sides.flatMap((side) => {
    const { near, far, sum } = bodies[side];
    const whole = near && far && sum && age(sum) < Math.max(age(near), age(far));
    return whole && !open.some(({ of, known }) => inWhole(of, side) && age(known) < age(sum)) ? [{ side, sum }] : [];
  });
  const fixed = sums.map(({ side, sum }) => ({
    of: { [ends[side].near]: 1, [ends[side].far]: 1 },
    known: sum,
    made: sum,
  }));
  const kept = [...open, ...fixed];
  const free = slotsOf(bodies).filter(({ known, times }) =>
    kept.some(({ of, known: newer }) => times(of) !== 0 && age(known) > age(newer)),
  );
  if (free.length === 0) return bodies;
  const spread = free.map(({ known }) => Math.max(1e-6, sigmaOf(known) ** 2));
  const A = new Matrix(kept.map(({ of }) => free.map(({ times }) => times(of))));
  const PAt = A.transpose().mulColumnVector(Matrix.columnVector(spread));
  const gain = PAt.mmul(pseudoInverse(A.mmul(PAt), 1e-9));
  const apart = kept.map(({ known, made }) => less(known, made));
  const moved = (side: Side, part: keyof BodyState): Known | null => {
    const row = free.findIndex((slot) => slot.side === side && slot.part === part);
    const own = bodies[side][part];
    if (row < 0 || !own) return own;
    const shifts = apart.map((one, column) => [gain.get(row, column), one] as const);
    return { ...sumKnown([[1, own], ...shifts]), by: own.by };
  };
  const body = (side: Side): BodyState => {
    const [near, far] = [moved(side, 'near'), moved(side, 'far')];
    if (near === bodies[side].near && far === bodies[side].far) return { near, far, sum: moved(side, 'sum') };
    const whole = sums.find((one) => one.side === side)?.sum;
    if (!near || !far) return { near, far, sum: bodies[side].sum };
    return whole ? { near, far, sum: whole } : ofEnds(near, far);
  };
  return { vehicle: body('vehicle'), trailer: body('trailer') };
}

const inWhole = (of: Combination, side: Side): boolean => {
  const [a, b] = timesOf(of, side);
  return a !== 0 && a === b;
};

function withoutList(bodies: Bodies, wrong: readonly Said[]): Bodies {
  const weighed = (known: Known | null) => (known?.by === 'planned' ? null : known);
  const body = (side: Side): BodyState => {
    const own = bodies[side];
    if (!wrong.some(({ of }) => timesOf(of, side).some((times) => times !== 0))) return own;
    return { near: weighed(own.near), far: weighed(own.far), sum: weighed(own.sum) };
  };
  return { vehicle: body('vehicle'), trailer: body('trailer') };
}

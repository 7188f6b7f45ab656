import type { PackingAim } from '../loading/packingWish.ts';
import type { PackingProgramme } from './packingProgramme.ts';
import { sumOf, type Constraint, type Solver, type Term } from './programme.ts';

/** What came of one aim: kg, of `fewestMoves` moves, of `leastInertia` kg·m² beside what cannot be moved. */
export interface AimReached {
  readonly aim: PackingAim;
  readonly value: number;
  /** No packing that reaches the aims before it does better than this. */
  readonly bound: number;
  readonly proven: boolean;
}

export type InOrder =
  | { readonly kind: 'found'; readonly values: readonly number[]; readonly reached: readonly AimReached[] }
  | { readonly kind: 'none' }
  | { readonly kind: 'unanswered' };

export interface Effort {
  /** Seconds till it ends with what it has; and the clock, in seconds. */
  readonly seconds: number;
  readonly now: () => number;
  /** Answers so near to the best are taken for it; left out: what nobody would notice. */
  readonly near?: number | undefined;
  /** Told of each answer that is better than the one before. */
  readonly onBetter?: ((values: readonly number[], reached: readonly AimReached[]) => void) | undefined;
}

/** What nobody would notice: kg, of moves less than one, of inertia kg·m². */
const unnoticed: Readonly<Record<PackingAim, number>> = {
  leastLeft: 0.5,
  fewestMoves: 0.5,
  mostMargin: 0.5,
  ballMiddle: 0.5,
  leastInertia: 2,
};

/** An aim once reached is kept within this. */
const kept = 1e-6;

/** Sees to one aim after the other. What is reached stays reached, but for what nobody would notice: that is worth no move. */
export function inOrder(
  packing: PackingProgramme,
  aims: readonly PackingAim[],
  solve: Solver,
  effort: Effort,
): InOrder {
  const end = effort.now() + effort.seconds;
  const constraints: Constraint[] = [...packing.programme.constraints];
  const done: Done[] = [];
  let values: readonly number[] | undefined;
  const wanted = aims.flatMap((aim) => (packing.sums[aim] ? [{ aim, sum: packing.sums[aim] }] : []));
  // Without any aim that means something, that it can be done at all.
  const steps = wanted.length > 0 ? wanted : [{ aim: 'fewestMoves' as const, sum: [] }];
  for (const { aim, sum } of steps) {
    const seconds = end - effort.now();
    if (values && seconds <= 0) break;
    const near = effort.near ?? unnoticed[aim];
    const solved = solve({ columns: packing.programme.columns, constraints }, sum, {
      near,
      seconds,
      start: values,
      onBetter:
        effort.onBetter &&
        ((better, _value, bound) =>
          effort.onBetter?.(better, reachedWith(packing, [...done, { aim, sum, bound, proven: false }], better))),
    });
    if (solved.kind === 'none' || solved.kind === 'unanswered') {
      if (values) break;
      return solved;
    }
    values = solved.values;
    const value = sumOf(sum, values);
    const bound = Math.min(value, solved.bound);
    if (wanted.length > 0) done.push({ aim, sum, bound, proven: solved.kind === 'best' });
    const to = Math.max(value, bound + near) + kept + 1e-9 * Math.abs(value);
    constraints.push({ terms: sum, from: -Infinity, to });
  }
  return values ? { kind: 'found', values, reached: reachedWith(packing, done, values) } : { kind: 'unanswered' };
}

interface Done {
  readonly aim: PackingAim;
  readonly sum: readonly Term[];
  readonly bound: number;
  readonly proven: boolean;
}

const reachedWith = (
  packing: PackingProgramme,
  done: readonly Done[],
  values: readonly number[],
): readonly AimReached[] =>
  done.map(({ aim, sum, bound, proven }) => ({
    aim,
    value: asSaid(packing, aim, sumOf(sum, values)),
    bound: asSaid(packing, aim, bound),
    proven,
  }));

/** The margin is made most by making its opposite least; of the inertia what is meant is the change. */
const asSaid = ({ inertiaNow }: PackingProgramme, aim: PackingAim, sum: number): number =>
  aim === 'mostMargin' ? -sum : aim === 'leastInertia' ? sum - inertiaNow : sum;

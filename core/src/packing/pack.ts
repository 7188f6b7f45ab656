import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { withMove } from '../limits/withMove.ts';
import type { Loadout } from '../loading/loadout.ts';
import { aimsInOrder, type PackingAim, type PackingWish } from '../loading/packingWish.ts';
import type { RigView } from '../loading/rigView.ts';
import { massTolerance } from '../units/rounding.ts';
import { judge } from '../verdict/assess.ts';
import { conflictOf, type Conflict } from './conflict.ts';
import { decisionsOf, type MayStay } from './decisions.ts';
import { inOrder, type AimReached, type Effort, type InOrder } from './inOrder.ts';
import { packingMoves, type PackingMove } from './packingMoves.ts';
import { marginsThen, packingProgramme, type PackingProgramme } from './packingProgramme.ts';
import { decidedAtOnce, type Solver } from './programme.ts';

/** A packing that was found. */
export interface Packing {
  /** What to do, in an order in which nothing gets worse on the way where that can be. */
  readonly moves: readonly PackingMove[];
  readonly loadout: Loadout;
  readonly reached: readonly AimReached[];
  /** Every aim was reached as well as it can be. */
  readonly proven: boolean;
  /** What was foretold of the margins, kg: by check, the least of all moments. */
  readonly foretold: ReadonlyMap<string, number>;
  /** What the rulebook finds passed all the same, of what was to be kept. */
  readonly broken: readonly Check[];
  /** kg that stay at home. */
  readonly left: number;
}

export type PackingAnswer = {
  /** Limits that nobody can judge, so that no packing can be held to them. */
  readonly unjudged: readonly Check[];
} & (
  | { readonly kind: 'packed'; readonly packing: Packing }
  /** Not everything can come along; which limits cannot all be kept with it. */
  | { readonly kind: 'leaves'; readonly packing: Packing; readonly conflict: Conflict }
  /** Nothing helps, whatever stays at home. */
  | { readonly kind: 'impossible'; readonly conflict: Conflict }
  /** Time was up before it was known. */
  | { readonly kind: 'undecided' }
);

export interface PackEffort extends Omit<Effort, 'onBetter'> {
  /** Told of each packing that is better than the one before. */
  readonly onBetter?: ((better: PackingAnswer) => void) | undefined;
}

/**
 * The best packing of a rig, proven: every limit of law and maker, the ratings of places and the usual band on the coupling are kept at
 * all moments; then one aim after the other. Where not everything can come along: the least that has to stay at home, and which limits
 * conflict. Every answer was tried again by the rulebook.
 * @param moments the same loadout at several moments; the first is the one that is packed
 * @param solver whatever solves a mixed integer linear programme
 */
export function pack(
  moments: readonly RigView[],
  wish: PackingWish,
  solver: Solver,
  effort: PackEffort,
): PackingAnswer {
  const solve = decidedAtOnce(solver);
  const end = effort.now() + effort.seconds;
  const ownOrder = aimsInOrder(wish);
  const allAlong = certainly(moments, wish, 'spare', ownOrder, solve, effort, (packing) => ({
    kind: 'packed',
    packing,
  }));
  const { unjudged } = allAlong.programme.guarded;
  if (allAlong.found.kind === 'unanswered') return { kind: 'undecided', unjudged };
  if (allAlong.packing) return { kind: 'packed', packing: allAlong.packing, unjudged };

  const conflictIn = ({ programme, sigmas }: Tried, mayStay: MayStay): Conflict =>
    conflictOf(
      programme.guarded,
      (only) => programmeFor(moments, wish, mayStay, [], sigmas, only, programme.guarded).programme,
      solve,
      Math.min(2, Math.max(0.2, (end - effort.now()) / 20)),
    );
  const conflict = conflictIn(allAlong, 'spare');
  const leastFirst: readonly PackingAim[] = ['leastLeft', ...ownOrder.filter((aim) => aim !== 'leastLeft')];
  const left = { ...effort, seconds: Math.max(1, end - effort.now()) };
  const leaving = certainly(moments, wish, 'all', leastFirst, solve, left, (packing) => ({
    kind: 'leaves',
    packing,
    conflict,
  }));
  if (leaving.found.kind === 'unanswered') return { kind: 'undecided', unjudged };
  if (leaving.packing) return { kind: 'leaves', packing: leaving.packing, conflict, unjudged };
  return { kind: 'impossible', conflict: conflictIn(leaving, 'all'), unjudged };
}

interface Tried {
  readonly programme: PackingProgramme;
  readonly found: InOrder;
  readonly packing: Packing | null;
  readonly sigmas: ReadonlyMap<string, number>;
}

const programmeFor = (
  moments: readonly RigView[],
  wish: PackingWish,
  mayStay: MayStay,
  aims: readonly PackingAim[],
  sigmas: ReadonlyMap<string, number>,
  only?: ReadonlySet<string>,
  guarded?: PackingProgramme['guarded'],
): PackingProgramme =>
  packingProgramme({
    moments,
    decisions: decisionsOf(moments, wish, mayStay),
    options: { band: !wish.noBand, certain: wish.certain ?? false, sigmas },
    mostMoves: wish.mostMoves,
    aims,
    only,
    guarded,
  });

/** So often it is packed anew where the doubt of a load turned out greater once things lie elsewhere. */
const roundsOfDoubt = 4;

/** Whoever wants to be certain is: the doubt of a load changes with what lies where, so it is asked again until it holds. */
function certainly(
  moments: readonly RigView[],
  wish: PackingWish,
  mayStay: MayStay,
  aims: readonly PackingAim[],
  solve: Solver,
  effort: PackEffort,
  answer: (packing: Packing) => Omit<Extract<PackingAnswer, { packing: Packing }>, 'unjudged'>,
): Tried {
  let sigmas: ReadonlyMap<string, number> = new Map();
  for (let round = 1; ; round += 1) {
    const programme = programmeFor(moments, wish, mayStay, aims, sigmas);
    const { unjudged } = programme.guarded;
    const found = inOrder(programme, aims, solve, {
      ...effort,
      onBetter:
        effort.onBetter &&
        ((values, reached) => {
          const packing = packingOf(moments, programme, values, reached, false);
          effort.onBetter?.({ ...answer(packing), unjudged } as PackingAnswer);
        }),
    });
    if (found.kind !== 'found') return { programme, found, packing: null, sigmas };
    const { values, reached } = found;
    const proven = reached.every((one) => one.proven) && reached.length === aimsOf(programme, aims);
    const packing = packingOf(moments, programme, values, reached, proven);
    const wider = wish.certain ? widerThan(moments, programme, packing, sigmas) : null;
    if (!wider || round === roundsOfDoubt) return { programme, found, packing, sigmas };
    sigmas = wider;
  }
}

const aimsOf = ({ sums }: PackingProgramme, aims: readonly PackingAim[]): number =>
  aims.filter((aim) => sums[aim]).length;

function packingOf(
  moments: readonly RigView[],
  programme: PackingProgramme,
  values: readonly number[],
  reached: readonly AimReached[],
  proven: boolean,
): Packing {
  const moves = packingMoves(programme, values);
  const [first] = moments;
  const after = moments.map((view) => packed(view, moves));
  const guarded = new Set(programme.guarded.guards.map(({ check }) => check.id));
  const broken = new Map(
    after.flatMap((view) =>
      judge(view)
        .checks.filter(
          (check) => check.status === 'over' && (guarded.has(check.id) || (binds(check) && comparesLoad(check))),
        )
        .filter((check) => (check.margin ?? 0) < -massTolerance)
        .map((check) => [check.id, check] as const),
    ),
  );
  return {
    moves,
    loadout: after[0]?.loadout ?? (first?.loadout as Loadout),
    reached,
    proven: proven && broken.size === 0,
    foretold: marginsThen(programme, values),
    broken: [...broken.values()],
    left: moves.reduce((sum, { kind, to, mass }) => (kind === 'thing' && to === null ? sum + mass : sum), 0),
  };
}

/** A rig with its packing as these moves leave it. */
export const packed = (view: RigView, moves: readonly PackingMove[]): RigView => ({
  ...view,
  loadout: moves.reduce(withMove, view.loadout),
});

/** Loads that are less certain once things lie elsewhere than they were taken to be, by check; null: none. */
function widerThan(
  moments: readonly RigView[],
  { guarded }: PackingProgramme,
  { moves }: Packing,
  before: ReadonlyMap<string, number>,
): ReadonlyMap<string, number> | null {
  const wider = new Map(before);
  const planned = new Map(guarded.guards.map(({ check }) => [check.id, check.sigma ?? 0]));
  let any = false;
  for (const view of moments.map((one) => packed(one, moves))) {
    for (const { id, sigma, margin } of judge(view).checks) {
      const taken = wider.get(id) ?? planned.get(id);
      if (taken === undefined || sigma === null || margin === null || sigma <= taken) continue;
      if (margin >= 2 * sigma - massTolerance) continue;
      wider.set(id, sigma);
      any = true;
    }
  }
  return any ? wider : null;
}

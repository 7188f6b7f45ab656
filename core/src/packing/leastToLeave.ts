import { bindsLoad, type Check } from '../checks/check.ts';
import type { Loadout } from '../loading/loadout.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import { placedMass } from '../loading/placed.ts';
import { placingWish, wishFor } from '../loading/placing.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Left } from '../uprating/ways.ts';
import { massTolerance } from '../units/rounding.ts';
import { judge } from '../verdict/assess.ts';
import { pack, type PackingAnswer } from './pack.ts';
import type { Effort } from './inOrder.ts';
import type { Solver } from './programme.ts';

/** What has to stay at home at least so that every limit is kept, all else left where it lies. */
export interface LeastToLeave {
  readonly left: readonly Left[];
  /** kg altogether. */
  readonly mass: number;
  readonly loadout: Loadout;
  /** Limits still over when nothing helps any more: crew, fuel and the body itself do not stay at home. */
  readonly stillOver: readonly Check[];
  /** No less would do; otherwise time was up before that was known. */
  readonly proven: boolean;
  /** kg that would do where things may be packed otherwise as well; null: no less, or not known. */
  readonly packedOtherwise: number | null;
}

/**
 * The least that has to stay at home under these limits, proven. Of limits alone: the usual band on the coupling makes nobody leave
 * anything at home. null where it did not become known in time.
 */
export function leastToLeave(view: RigView, solve: Solver, effort: Omit<Effort, 'onBetter'>): LeastToLeave | null {
  const half = { ...effort, seconds: effort.seconds / 2 };
  const closed = placedBodies(view).flatMap(({ body }) => body.places.map(({ id }) => ({ body: body.id, place: id })));
  const own = placingWish(view.loadout.packing);
  const wish: PackingWish = { ...own, noBand: true, aims: ['leastLeft', 'fewestMoves'] };
  const answer = pack([view], { ...wish, closed }, solve, half);
  if (answer.kind === 'undecided') return null;
  const all = answer.kind === 'impossible' ? everything(view) : leftIn(answer);
  const gone = new Set(all.map(({ thing, body, place }) => `${thing} ${body}/${place}`));
  const placements = view.loadout.placements.filter(({ thing, body, place }) => !gone.has(`${thing} ${body}/${place}`));
  const loadout = { ...view.loadout, placements };
  const mass = all.reduce((sum, one) => sum + one.mass, 0);
  const otherwise = mass > 0 ? pack([view], { ...wish, aims: ['leastLeft'] }, solve, half) : null;
  const less = otherwise && 'packing' in otherwise && otherwise.packing.proven ? otherwise.packing.left : null;
  return {
    left: all,
    mass,
    loadout,
    stillOver: judge({ ...view, loadout }).checks.filter((check) => bindsLoad(check) && check.margin < -massTolerance),
    proven: answer.kind === 'impossible' || answer.packing.proven,
    packedOtherwise: less !== null && less < mass - 0.5 ? less : null,
  };
}

/** What stays at home by this answer. */
export const leftIn = ({ packing }: Extract<PackingAnswer, { packing: unknown }>): readonly Left[] =>
  packing.moves.flatMap(({ id, name, body, leaves = '', mass, to }) =>
    to === null ? [{ thing: id, name, body, place: leaves, mass }] : [],
  );

/** Where nothing helps, all of it that may stay: then what is still over is what people, fuel and the bodies themselves make over. */
function everything(view: RigView): readonly Left[] {
  const wish = view.loadout.packing ?? {};
  return view.loadout.placements.flatMap((placement): readonly Left[] => {
    const { thing: id, body, place } = placement;
    const thing = view.things.get(id);
    const how = wishFor(wish, id);
    return thing && how !== 'stays' && how !== 'comes'
      ? [{ thing: id, name: thing.name, body, place, mass: placedMass(thing, placement) }]
      : [];
  });
}

import { bindsLoad } from '../checks/check.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import { placingWish } from '../loading/placing.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { massTolerance } from '../units/rounding.ts';
import { withSmallTrailer, type SmallTrailerWords } from '../uprating/smallTrailer.ts';
import type { MovedOver, SolvedWays, Way } from '../uprating/ways.ts';
import { judge } from '../verdict/assess.ts';
import type { Effort } from './inOrder.ts';
import { leastToLeave, leftIn } from './leastToLeave.ts';
import { pack } from './pack.ts';
import type { Solver } from './programme.ts';

/** Of limits alone: nobody carries anything about for the usual band's sake. The fewest things first, then the most room. */
const fewest: PackingWish = { noBand: true, aims: ['fewestMoves', 'mostMargin'] };

/**
 * The ways to keep every limit of law and maker without a new plate, each the least that does it, proven or said not to be: leave things
 * at home, put them elsewhere, tow them in a small trailer. None where nothing is over.
 * @param effort for each of the ways
 */
export function solvedWays(
  view: RigView,
  words: SmallTrailerWords,
  solve: Solver,
  effort: Omit<Effort, 'onBetter'>,
): SolvedWays {
  const over = judge(view).checks.some((check) => bindsLoad(check) && (check.margin ?? 0) < -massTolerance);
  if (!over) return { leave: null, move: null, smallTrailer: null };
  const towing = withSmallTrailer(view, words);
  const own = placingWish(view.loadout.packing);
  // What was on board before goes into the box or stays where it is.
  const closed = placedBodies(view).flatMap(({ body }) => body.places.map(({ id }) => ({ body: body.id, place: id })));
  return {
    leave: leaving(view, solve, effort),
    move: packedSo(view, { ...own, ...fewest }, solve, effort, false),
    smallTrailer: towing && packedSo(towing, { ...own, ...fewest, closed }, solve, effort, true),
  };
}

function leaving(view: RigView, solve: Solver, effort: Omit<Effort, 'onBetter'>): Way | null {
  const least = leastToLeave(view, solve, effort);
  // Where all of it at home is not enough, leaving things is no way.
  if (!least || least.left.length === 0 || least.stillOver.length > 0) return null;
  const { left, mass, proven, loadout } = least;
  return { view: { ...view, loadout }, left, moved: [], mass, proven };
}

/** @param mayLeave where not all of it finds room, the least that stays at home besides is an answer too */
function packedSo(
  view: RigView,
  wish: PackingWish,
  solve: Solver,
  effort: Omit<Effort, 'onBetter'>,
  mayLeave: boolean,
): Way | null {
  const answer = pack([view], wish, solve, effort);
  if (answer.kind !== 'packed' && !(mayLeave && answer.kind === 'leaves')) return null;
  const { packing } = answer;
  const moved = packing.moves.flatMap(({ name, mass, from, to }): readonly MovedOver[] =>
    to === null ? [] : [{ name, mass, from, to: to.name }],
  );
  if (moved.length === 0 || packing.broken.length > 0) return null;
  const mass = moved.reduce((sum, one) => sum + one.mass, 0);
  return { view: { ...view, loadout: packing.loadout }, left: leftIn(answer), moved, mass, proven: packing.proven };
}

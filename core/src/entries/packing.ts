/** The best packing of a rig, proven: what goes where, how full the tanks, who sits where, and what has to stay at home. */
export { aimsInOrder, type PackingWish, type ThingWish } from '../loading/packingWish.ts';
export { highsSolver } from '../packing/highsSolver.ts';
export { leastToLeave, type LeastToLeave } from '../packing/leastToLeave.ts';
export { pack, packed, type PackingAnswer } from '../packing/pack.ts';
export type { PackingMove } from '../packing/packingMoves.ts';
export { solvedWays } from '../packing/solvedWays.ts';
export { waterMoments } from '../packing/waterMoments.ts';

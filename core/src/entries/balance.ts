/**
 * Where the load lies: the ball load aimed at and the moves that reach it, left and right, what hangs beyond the axles, mass
 * along a body.
 */
export { ballAtHeight } from '../balance/ballAtHeight.ts';
export { ballMoves, type BallMove } from '../balance/ballMoves.ts';
export { ballRight, ballTarget, goalOf } from '../balance/ballTarget.ts';
export { overhangTotals, overhanging } from '../balance/overhanging.ts';
export { sideLoads, type WheelEnd } from '../balance/sideLoads.ts';
export { massBars } from '../balance/massBars.ts';
export { massAlong } from '../balance/yawInertia.ts';

/**
 * Where the load lies: the ball load aimed at and the moves that reach it, left and right, what hangs beyond the axles, mass
 * along a body.
 */
export { ballAtHeight } from '../balance/ballAtHeight.ts';
export { ballMoves, type BallMove } from '../balance/ballMoves.ts';
export { ballStands, ballTarget, goalOf, type BallStands } from '../balance/ballTarget.ts';
export { overhangTotals, overhanging } from '../balance/overhanging.ts';
export { archExpected, hitchPlan, perStep, type HitchPlan } from '../balance/hitchSettings.ts';
export { compareSwaying, type SwayComparison } from '../balance/compareSwaying.ts';
export { swayByPlace, swayPair, type SwayInPlace, type SwayPair } from '../balance/swayByPlace.ts';
export { trimByWater, type WaterTrim } from '../balance/trimByWater.ts';
export { sideMoves } from '../balance/sideMoves.ts';
export { sideLoads, type WheelEnd } from '../balance/sideLoads.ts';
export { massBars } from '../balance/massBars.ts';
export { massAlong } from '../balance/yawInertia.ts';

import { marginAfter } from '../limits/limitLine.ts';
import { moveCandidates, type LoadMove, type MoveCandidate } from '../limits/loadMoves.ts';
import { binds, type Check } from '../checks/check.ts';
import { influenceAt } from '../statics/row.ts';
import type { Assessment } from '../verdict/assess.ts';
import { ballTarget, goalOf, type BallTarget } from './ballTarget.ts';
import { inertiaPerKg } from './yawInertia.ts';

/** One thing to do, and what it does to the load on the coupling. */
export interface BallMove extends LoadMove {
  /** Load on the coupling, axles of the vehicle and of the trailer: kg more than now. */
  readonly ball: number;
  readonly front: number;
  readonly rear: number;
  readonly axles: number;
  /** kg·m² about the trailer's axle more than now. */
  readonly inertia: number;
  /** Brings the load into the band, and under every limit on it. */
  readonly reaches: boolean;
  /** Breaks a limit that is kept now, or breaks one further. */
  readonly breaks: Check | null;
}

const noticeable = 0.5;

/**
 * What would bring the load on the coupling right, the best first. First what gets into the band, breaks no limit and does not
 * make the trailer swing more; then what comes nearest. What breaks a limit is left out, and a move that loads the tail is
 * never first.
 */
export function ballMoves(assessment: Assessment): readonly BallMove[] {
  const target = ballTarget(assessment);
  if (!target) return [];
  const goal = goalOf(target);
  const off = (move: BallMove) => Math.max(0, goal.from - (target.now + move.ball), target.now + move.ball - goal.to);
  const before = Math.max(0, goal.from - target.now, target.now - goal.to);
  return moveCandidates(assessment.loads.view, ['trailer'])
    .map((candidate) => judged(assessment, target, candidate))
    .filter((move) => move.breaks === null && Math.abs(move.ball) > noticeable && off(move) < before - noticeable)
    .sort((a, b) => Number(swings(a)) - Number(swings(b)) || off(a) - off(b) || effort(a) - effort(b));
}

const swings = (move: BallMove): boolean => move.inertia > noticeable;
const effort = (move: BallMove): number => Math.abs(move.ball);

function judged({ loads, checks }: Assessment, target: BallTarget, candidate: MoveCandidate): BallMove {
  const { shifts } = candidate;
  const { values, lengths } = loads;
  const change = (name: keyof typeof values) => {
    const value = values[name];
    return value.kind === 'known'
      ? shifts.reduce((sum, { side, x, mass }) => sum + mass * influenceAt(value.row, side, x), 0)
      : 0;
  };
  const about = lengths.trailer?.axlePosition ?? 0;
  const goal = goalOf(target);
  const ball = change('ballLoad');
  const after = target.now + ball;
  const breaks = checks.find((check) => {
    if (!binds(check) || check.margin === null) return false;
    const left = marginAfter(check, candidate.shifts) ?? check.margin;
    return left < -1e-6 && left < check.margin - 1e-6;
  });
  return {
    ...candidate,
    ball,
    front: change('frontAxle'),
    rear: change('rearAxle'),
    axles: change('trailerAxles'),
    inertia: shifts
      .filter(({ side }) => side === 'trailer')
      .reduce((sum, { x, mass }) => sum + mass * inertiaPerKg(x, about), 0),
    reaches: after >= goal.from - 1e-6 && after <= goal.to + 1e-6,
    breaks: breaks ?? null,
  };
}

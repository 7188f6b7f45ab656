import { gravity } from './distribution.ts';

export interface CouplingHeightInput {
  /** Stiffness of one axle's suspension, N/m. */
  readonly stiffnessPerAxle: number;
  /** Distance between the two axles, m. */
  readonly spread: number;
  /** Coupling to the centre of the axle group, m. */
  readonly axlePosition: number;
  /** How far the coupling stands above the height at which the trailer is level, m. */
  readonly couplingRise: number;
  /** Ball load when level, kg. */
  readonly levelBallLoad: number;
  readonly trailerTotal: number;
}

/**
 * A tandem without load equalising pitches on two springs, so the ball load depends on the coupling height: nose high
 * loads the rear axle and raises it. Spring term only; the shift of the centre of mass is neglected.
 * Moments about the group centre: the springs give K·θ with K = k·s²/2, so B = B_level − K·θ/(A·g), θ nose-down.
 */
export function ballLoadAtHeight(input: CouplingHeightInput): {
  readonly pitchStiffnessNmPerRad: number;
  readonly noseDownRad: number;
  readonly ballLoad: number;
  readonly trailerAxles: number;
  readonly axleLoads: readonly [number, number];
} {
  const { stiffnessPerAxle: k, spread, axlePosition: a } = input;
  const pitchStiffnessNmPerRad = (k * spread * spread) / 2;
  const noseDownRad = -input.couplingRise / a;
  const ballLoad = input.levelBallLoad - (pitchStiffnessNmPerRad * noseDownRad) / (a * gravity);
  const trailerAxles = input.trailerTotal - ballLoad;
  const shift = (k * noseDownRad * spread) / 2 / gravity;
  return {
    pitchStiffnessNmPerRad,
    noseDownRad,
    ballLoad,
    trailerAxles,
    axleLoads: [trailerAxles / 2 + shift, trailerAxles / 2 - shift],
  };
}

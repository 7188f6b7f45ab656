import { gravity } from './distribution.ts';

export interface CouplingHeightInput {
  /** Stiffness of one axle's suspension, N/m. */
  readonly stiffnessPerAxle: number;
  /** Axles of the group: 1 to 3. */
  readonly axles: number;
  /** Distance between neighbouring axles, m. */
  readonly spread: number;
  /** Coupling to the centre of the axle group, m. */
  readonly axlePosition: number;
  /** How far the coupling stands above the height at which the trailer is level, m. */
  readonly couplingRise: number;
  /** Ball load when level, kg. */
  readonly levelBallLoad: number;
  readonly trailerTotal: number;
}

/** What a trailer does when its coupling stands higher or lower than level. */
export interface AtCouplingHeight {
  readonly pitchStiffnessNmPerRad: number;
  readonly noseDownRad: number;
  readonly ballLoad: number;
  readonly trailerAxles: number;
  /** Each axle of the group, foremost first, kg. */
  readonly axleLoads: readonly number[];
}

/**
 * A group without load equalising pitches on its springs, so the ball load depends on the coupling height: nose high loads
 * the rear axles and raises it. Spring term only; the shift of the centre of mass is neglected, and it is the only one of a
 * single axle or of a group that equalises: for these nothing is said to change (K = 0).
 * Moments about the group centre, axle i at d_i from it: the springs give K·θ with K = k·Σd_i² (two axles: k·s²/2; three:
 * 2·k·s²), so B = B_level − K·θ/(A·g), θ nose-down; each axle carries G/n − k·θ·d_i/g, d_i rearwards.
 * @returns loads in kg
 */
export function ballLoadAtHeight(input: CouplingHeightInput): AtCouplingHeight {
  const { stiffnessPerAxle: k, axles, spread, axlePosition: a } = input;
  const behind = Array.from({ length: axles }, (_, at) => (at - (axles - 1) / 2) * spread);
  const pitchStiffnessNmPerRad = k * behind.reduce((sum, d) => sum + d * d, 0);
  const noseDownRad = -input.couplingRise / a;
  const ballLoad = input.levelBallLoad - (pitchStiffnessNmPerRad * noseDownRad) / (a * gravity);
  const trailerAxles = input.trailerTotal - ballLoad;
  return {
    pitchStiffnessNmPerRad,
    noseDownRad,
    ballLoad,
    trailerAxles,
    axleLoads: behind.map((d) => trailerAxles / axles - (k * noseDownRad * d) / gravity),
  };
}

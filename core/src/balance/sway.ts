import { EVD, Matrix, solve } from 'ml-matrix';

/**
 * A vehicle and its trailer as far as swaying goes: masses kg, yaw inertias kg·m² about each one's own centre of mass, lengths m,
 * cornering stiffness of all tyres of an axle N/rad.
 */
export interface SwayModel {
  readonly vehicleMass: number;
  readonly vehicleInertia: number;
  /** Centre of mass behind the front axle, ahead of the rear axle, ahead of the coupling. */
  readonly toFront: number;
  readonly toRear: number;
  readonly toCoupling: number;
  readonly trailerMass: number;
  readonly trailerInertia: number;
  /** Coupling to the trailer's centre of mass, and to its axle. */
  readonly trailerCentre: number;
  readonly trailerAxle: number;
  readonly frontStiffness: number;
  readonly rearStiffness: number;
  readonly trailerStiffness: number;
}

/** One way in which a rig answers a push: it dies away with `decay` 1/s (negative: it grows), swinging so often or not at all. */
export interface SwayMode {
  readonly decay: number;
  readonly frequencyHz: number;
  /** −Re/|λ|: 1 or −1 where it does not swing. */
  readonly dampingRatio: number;
}

/**
 * The modes of the linear single-track model of car and trailer, steering held, at a speed in m/s: lateral velocity and yaw rate of the
 * car, angle and rate of the articulation. A pair that swings is one mode. Compares loadings of one rig; it gives no safe speed.
 * Source: Newton's equations of both bodies with the force at the coupling eliminated, tyre forces in proportion to slip angles.
 */
export function swayModes(model: SwayModel, speed: number): readonly SwayMode[] {
  const { realEigenvalues, imaginaryEigenvalues } = new EVD(stateMatrix(model, speed), { assumeSymmetric: false });
  return realEigenvalues.flatMap((real, at): readonly SwayMode[] => {
    const imaginary = imaginaryEigenvalues[at] ?? 0;
    if (imaginary < 0) return [];
    const size = Math.hypot(real, imaginary);
    return [{ decay: -real, frequencyHz: imaginary / (2 * Math.PI), dampingRatio: size === 0 ? 0 : -real / size }];
  });
}

/** The mode that swings and dies away slowest; null: none swings. */
export const leastDamped = (modes: readonly SwayMode[]): SwayMode | null =>
  modes
    .filter(({ frequencyHz }) => frequencyHz > 0)
    .reduce<SwayMode | null>((least, one) => (!least || one.dampingRatio < least.dampingRatio ? one : least), null);

/** d/dt of lateral velocity, yaw rate, articulation and its rate, as a matrix on them. */
function stateMatrix(model: SwayModel, speed: number): Matrix {
  const { vehicleMass: m1, vehicleInertia: i1, toFront: a, toRear: b, toCoupling: c } = model;
  const { trailerMass: m2, trailerInertia: i2, trailerCentre: d, trailerAxle: l } = model;
  // Forces of each axle for each of the states: −C times the slip angle of its tyres.
  const front = [1, a, 0, 0].map((one) => (-model.frontStiffness * one) / speed);
  const rear = [1, -b, 0, 0].map((one) => (-model.rearStiffness * one) / speed);
  const behind = [1, -c - l, -speed, -l].map((one) => (-model.trailerStiffness * one) / speed);
  const sum = (...rows: readonly (readonly number[])[]) =>
    [0, 1, 2, 3].map((at) => rows.reduce((total, one) => total + (one[at] ?? 0), 0));
  const times = (factor: number, row: readonly number[]) => row.map((one) => factor * one);
  // The coupling pulls the car sideways with m1·(v' + V·r) less what its own tyres do.
  const turning = [0, m1 * speed, 0, 0];
  const inertia = new Matrix([
    [m1 + m2, -m2 * (c + d), -m2 * d],
    [c * m1, i1, 0],
    [d * m1, i2, i2],
  ]);
  const forces = new Matrix([
    sum(front, rear, behind, times(-1, [0, (m1 + m2) * speed, 0, 0])),
    sum(times(a, front), times(-b, rear), times(c, sum(front, rear)), times(-c, turning)),
    sum(times(d, sum(front, rear)), times(-d, turning), times(d - l, behind)),
  ]);
  const [lateral = [], yaw = [], swing = []] = solve(inertia, forces).to2DArray();
  return new Matrix([lateral, yaw, [0, 0, 0, 1], swing]);
}

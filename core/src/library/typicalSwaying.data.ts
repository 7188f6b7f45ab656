import type { TypicalRange } from './typicalRanges.data.ts';

const range = (middle: number, plusMinus: number): TypicalRange => ({ middle, plusMinus });

/**
 * What swaying leans on and no owner can measure. Compiled from general knowledge of such bodies on 2026-11-28, of no make: low
 * confidence, wide on purpose. Cornering stiffness of the tyres of an axle over the load on it, 1/rad (tyres of one rig are of one
 * age of rubber: those behind are told by those in front); the yaw inertia of a vehicle over
 * its mass times the distances of its centre from both axles; the radius of gyration of an empty trailer over its body's length, and in
 * m where that is not known.
 */
export const typicalSwaying = {
  cornering: { front: range(9, 3), rearOverFront: range(1.08, 0.1), trailerOverFront: range(0.92, 0.25) },
  vehicleInertia: range(1, 0.2),
  gyration: range(0.29, 0.05),
  anyGyration: range(1.5, 0.5),
} as const;

import type { Affine } from './row.ts';

/**
 * A trailer stands on its coupling (x = 0) and its axle group (x = A). Moments about the coupling: G·A = Σ m·x;
 * vertical balance: B = Σ m − G.
 * @param axlePosition A, m
 */
export function trailerShares(axlePosition: number): { readonly ballLoad: Affine; readonly axles: Affine } {
  return {
    ballLoad: { at0: 1, perMetre: -1 / axlePosition },
    axles: { at0: 0, perMetre: 1 / axlePosition },
  };
}

/**
 * A vehicle stands on its front axle (x = 0) and its rear axle or group (x = W). Moments about the front axle:
 * R_rear·W = Σ m·x; so a mass behind the rear axle takes load off the front.
 * @param wheelbase W, m, to the effective centre of the rear group
 */
export function vehicleShares(wheelbase: number): { readonly front: Affine; readonly rear: Affine } {
  return { front: { at0: 1, perMetre: -1 / wheelbase }, rear: { at0: 0, perMetre: 1 / wheelbase } };
}

/**
 * The ball load is one more mass on the vehicle at x = W + h: per kg of it the rear gains (W+h)/W, the front loses h/W.
 * @param wheelbase W, m; @param overhang h, m
 */
export const throughCoupling = (
  wheelbase: number,
  overhang: number,
): { readonly front: number; readonly rear: number } => ({
  front: -overhang / wheelbase,
  rear: (wheelbase + overhang) / wheelbase,
});

/** A rear group of drive and tag axle sharing by a fixed ratio acts at one point between them. m from the front axle. */
export const rearGroupCentre = (drive: number, tag: number, driveShare: number): number =>
  driveShare * drive + (1 - driveShare) * tag;

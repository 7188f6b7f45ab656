/** How a load-distribution hitch is set: a fraction of the full restoration of the front axle, or a couple in N·m. */
export type Distribution =
  { readonly kind: 'fraction'; readonly fraction: number } | { readonly kind: 'couple'; readonly coupleNm: number };

/** m/s², everywhere a force is needed. */
export const gravity = 9.81;

/**
 * The couple that puts back on the front axle all the coupling took off, as kg·m for each kg of ball load: h·A/(A + h).
 * From R_front = F0 with R_front = F0 − B'·h/W + τ/W and B' = B − τ/A.
 * @param overhang h, m behind the (effective) rear axle; @param axlePosition A, m behind the coupling
 */
export const fullRestoration = (overhang: number, axlePosition: number): number =>
  // A coupling over or ahead of the axle takes nothing off the front, so there is nothing to restore.
  overhang <= 0 ? 0 : (overhang * axlePosition) / (axlePosition + overhang);

/** The couple of a setting: so much for each kg of ball load, and so much whatever it is. kg·m. */
export function coupleOf(
  distribution: Distribution | undefined,
  overhang: number,
  axlePosition: number,
): { readonly perKg: number; readonly fixed: number } {
  if (!distribution) return { perKg: 0, fixed: 0 };
  return distribution.kind === 'couple'
    ? { perKg: 0, fixed: distribution.coupleNm / gravity }
    : { perKg: distribution.fraction * fullRestoration(overhang, axlePosition), fixed: 0 };
}

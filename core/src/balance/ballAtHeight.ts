import type { Loads } from '../loads/loads.ts';
import type { Missing } from '../rig/missing.ts';
import { ballLoadAtHeight, type AtCouplingHeight } from '../statics/couplingHeight.ts';
import { gravity } from '../statics/distribution.ts';

/** The facts that are asked for, and where: the load by the plan or a slip, the others under the trailer's lengths. */
type HeightFact = 'axlePosition' | 'axleSpread' | 'equalises' | 'settling';

/**
 * What the load on the coupling would be with the coupling so much above level. `steady`: nothing is said to change, since
 * the trailer has one axle or its group equalises. `unknown`: the facts that are missing, or why the load is not known.
 */
export type BallAtHeight =
  | { readonly kind: 'known'; readonly level: number; readonly at: AtCouplingHeight }
  | { readonly kind: 'steady' }
  | { readonly kind: 'unknown'; readonly facts: readonly HeightFact[]; readonly missing: readonly Missing[] };

/**
 * @param rise m by which the coupling stands above the height at which the trailer is level; negative: below
 * @returns kg; null without a trailer
 */
export function ballAtHeight(loads: Loads, rise: number): BallAtHeight | null {
  const { trailer } = loads.view;
  if (!trailer) return null;
  const { axles, axlePosition, axleSpread, equalises, settling } = trailer.geometry;
  if (axles === 1 || equalises === 'yes') return { kind: 'steady' };
  const { ballLoad, trailerTotal } = loads.values;
  const missing = [ballLoad, trailerTotal].flatMap((one) => (one.kind === 'unknown' ? one.missing : []));
  const facts: HeightFact[] = [];
  if (axlePosition === undefined) facts.push('axlePosition');
  if (axleSpread === undefined) facts.push('axleSpread');
  if (equalises !== 'no') facts.push('equalises');
  const { mass = 0, by = 0 } = settling ?? {};
  if (mass === 0 || by === 0) facts.push('settling');
  const known = ballLoad.kind === 'known' && trailerTotal.kind === 'known';
  if (!known || facts.length > 0 || axlePosition === undefined || axleSpread === undefined) {
    return { kind: 'unknown', facts, missing };
  }
  const at = ballLoadAtHeight({
    // So many kg more on the whole group press all its axles down by the same.
    stiffnessPerAxle: (mass * gravity) / by / axles,
    axles,
    spread: axleSpread,
    axlePosition,
    couplingRise: rise,
    levelBallLoad: ballLoad.value,
    trailerTotal: trailerTotal.value,
  });
  return { kind: 'known', level: ballLoad.value, at };
}

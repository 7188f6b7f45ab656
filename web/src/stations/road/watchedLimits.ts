import type { LeastOnTheRoad } from '@wagonomos/core/road';

/** So many limits are drawn and stand in the table: more could not be told apart. */
const shown = 4;
const within = 3;

/**
 * The limits worth watching on a trip, the worst first: what is exceeded or tight, and the totals and axles with the least left up to
 * three. Of several with one load (the plated and the technical mass) the tighter stands for both.
 */
export function watchedLimits(least: readonly LeastOnTheRoad[]): readonly LeastOnTheRoad[] {
  const loads = new Set<string>();
  const distinct = least.filter(({ check }) => {
    const load = check.place ? check.id : `${check.quantity} ${check.sense}`;
    return loads.has(load) ? false : Boolean(loads.add(load));
  });
  const tight = distinct.filter(({ check }) => check.status !== 'within');
  const rest = distinct.filter(({ check }) => check.status === 'within' && !check.place);
  return [...tight, ...rest.slice(0, Math.max(0, within - tight.length))].slice(0, shown);
}

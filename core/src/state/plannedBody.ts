import type { Compiled } from '../loads/compile.ts';
import type { Combination } from '../scale/combination.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { BodyState } from './bodyLoads.ts';
import { changesBetween, effectOn, effectsOf } from './changes.ts';
import { sumKnown, type Known } from './known.ts';
import { bodyCombinations, rowOf, type Levers } from './slipToday.ts';

/** A body by its papers, its list and what is said of it. */
export function plannedBody(plan: Compiled, side: Side, levers: Levers): BodyState {
  const own = plan.points.filter((load) => load.side === side);
  const { massMissing, placeMissing, values, lengths } = plan;
  if (!plan.view[side] || massMissing[side].length > 0) return { near: null, far: null, sum: null };
  const known = (effect: ReturnType<typeof effectOn>): Known | null =>
    effect && { ...effect, by: 'planned', slips: new Set(), contradicted: false, unsure: false };
  const all = effectsOf(changesBetween([], own), levers.reaches);
  const of = bodyCombinations[side];
  const sum = known(effectOn(all, rowOf(of.sum, levers)));
  const ball = values.ballLoad;
  if (side === 'trailer' && lengths.trailer?.said && ball.kind === 'known' && sum) {
    const said: Known = {
      value: ball.value,
      doubts: new Map([['said ball load', ball.sigma]]),
      by: 'planned',
      slips: new Set(),
      contradicted: false,
      unsure: false,
    };
    return {
      near: said,
      far: sumKnown([
        [1, sum],
        [-1, said],
      ]),
      sum,
    };
  }
  if (placeMissing[side].length > 0) return { near: null, far: null, sum };
  const at = (end: Combination) => known(effectOn(all, rowOf(end, levers)));
  return { near: at(of.near), far: at(of.far), sum };
}

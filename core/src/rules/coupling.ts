import type { Loads } from '../loads/loads.ts';
import { platedCheck } from './platedCheck.ts';
import { plated } from './plated.ts';
import { defineRule } from './rule.ts';

/** A trailer weighs no more than the weakest part of its coupling is marked for. */
export const couplingPart = defineRule({
  id: 'coupling.part',
  group: 'coupling',
  by: 'trailer',
  check: (asked) =>
    platedCheck(asked, 'trailer', () => ({ limit: 'trailerPartMax', quantity: 'trailerTotal', figure: 'optional' })),
});

/** A trailer that hangs on nothing known still has a coupling of its own, whose mark holds. */
const nothingMarked = (loads: Loads): string | null =>
  loads.view.vehicle || plated(loads, 'ballMax', ['trailer']).figures.length > 0 ? null : 'check.no.figure';

/** The load on the coupling against the lowest of what vehicle, tow bar, ball and trailer allow. */
export const ballMax = defineRule({
  id: 'ball.max',
  group: 'coupling',
  role: 'ballMost',
  by: 'vehicle',
  check: (asked) =>
    platedCheck(asked, 'vehicle', () => ({
      limit: 'ballMax',
      quantity: 'ballLoad',
      holders: ['vehicle', 'trailer'],
      figure: 'required',
      whyNot: nothingMarked(asked.loads),
    })),
});

import type { RigView } from '../loading/rigView.ts';
import { adjust } from '../scale/leastSquares.ts';
import { slipPicture } from './measured.ts';
import { suspects } from '../scale/slipEquations.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';

/** A reading beside what all the others make of it. kg, one standard deviation of the difference. */
export interface Contradiction {
  readonly reading: Reading;
  readonly read: number;
  readonly others: number;
  readonly apart: number;
  readonly se: number;
}

/**
 * The readings that cannot all be right, each with what the others say it should have shown: the culprit where one can be
 * told, else every reading of the set.
 */
export function contradictions(view: RigView, ticket: Ticket): readonly Contradiction[] {
  const { used, adjustment } = slipPicture(view, ticket);
  return suspects(adjustment).flatMap((at) => {
    const one = used[at];
    const without = one && adjust(used.filter((_, other) => other !== at)).estimate(one.of);
    if (!one || !without) return [];
    const { reading, value, sigma } = one;
    return [
      {
        reading,
        read: value,
        others: without.value,
        apart: value - without.value,
        se: Math.hypot(sigma, without.se),
      },
    ];
  });
}

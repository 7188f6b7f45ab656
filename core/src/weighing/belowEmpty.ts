import type { RigView } from '../loading/rigView.ts';
import type { Side } from '../statics/pointLoad.ts';
import { slipPicture } from './measured.ts';
import type { Settled } from './weighedSides.ts';
import type { Ticket } from '../loading/ticket.ts';
import { viewThen } from '../scale/viewThen.ts';

/** A body, or its coupling, that weighs less, loaded, than its papers say it weighs empty. */
export interface BelowEmpty {
  readonly side: Side;
  /** All of the body, or what rests on the coupling. */
  readonly what: 'whole' | 'ball';
  readonly weighed: Settled;
  /** The empty figure without people and liquids, kg. */
  readonly empty: number;
}

const noticeable = 2;

/** A laden reading below the empty figure puts the scale, or the papers, in doubt. */
export function belowEmpty(view: RigView, ticket: Ticket): readonly BelowEmpty[] {
  const { planned, estimate } = slipPicture(view, ticket, viewThen(view, ticket));
  const whole = (['vehicle', 'trailer'] as const).flatMap((side): readonly BelowEmpty[] => {
    if (!view[side] || view[side].emptyMass?.basis === 'weighed') return [];
    const own = planned.points.filter((load) => load.side === side && ['empty', 'basis'].includes(load.origin));
    const empty = own.reduce((sum, load) => sum + load.mass, 0);
    const sigma = Math.hypot(...own.map((load) => load.sigma));
    const weighed = estimate(side === 'vehicle' ? { F: 1, R: 1 } : { B: 1, G: 1 });
    if (!weighed || empty <= 0 || planned.massMissing[side].length > 0) return [];
    const below = weighed.value < empty - noticeable * Math.hypot(weighed.se, sigma);
    return below ? [{ side, what: 'whole', weighed, empty }] : [];
  });
  const { ballLoad: empty, basis, ballLoadPlusMinus = 0 } = view.trailer?.emptyMass ?? {};
  const ball = estimate({ B: 1 });
  if (!ball || empty === undefined || basis === 'weighed') return whole;
  const below = ball.value < empty - noticeable * Math.hypot(ball.se, ballLoadPlusMinus / 2);
  return below ? [...whole, { side: 'trailer', what: 'ball', weighed: ball, empty }] : whole;
}

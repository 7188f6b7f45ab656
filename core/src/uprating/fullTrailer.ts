import { marginAfter, type Shift } from '../limits/limitLine.ts';
import type { RigView } from '../loading/rigView.ts';
import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { platedLimit } from '../rig/plated.ts';
import type { Assessment } from '../verdict/assess.ts';

/** What a trailer loaded to its plate would do to car, coupling and combination. kg */
export interface FullTrailer {
  readonly plate: number;
  /** How much more it would carry than today, in the owner's own pattern or, without one, over its axle. */
  readonly more: number;
  /** Load on the coupling then; null where it is not known. */
  readonly ballLoad: number | null;
  /** Limits that would be exceeded then, each with by how much. */
  readonly over: readonly { readonly check: Check; readonly by: number }[];
}

/** Car and trailer judged together: the trailer as full as its plate allows, the car as it is loaded now. */
export function fullTrailer(
  view: RigView,
  { checks, loads }: Assessment,
  pattern: readonly Shift[],
): FullTrailer | null {
  const { trailer } = view;
  const total = loads.values.trailerTotal;
  const ball = loads.values.ballLoad;
  const plate = trailer ? platedLimit(view, 'trailerMax', [trailer]).value : null;
  if (!trailer || plate === null || total.kind !== 'known') return null;
  const more = Math.max(0, plate - total.value);
  const own = pattern.filter(({ side }) => side === 'trailer');
  const sum = own.reduce((all, { mass }) => all + mass, 0);
  const axle = trailer.geometry.axlePosition;
  const shifts: readonly Shift[] =
    sum > 0
      ? own.map((shift) => ({ ...shift, mass: (shift.mass / sum) * more }))
      : axle === undefined
        ? []
        : [{ side: 'trailer', x: axle, mass: more }];
  if (shifts.length === 0) return null;
  const onBall = axle === undefined ? null : shifts.reduce((all, { x, mass }) => all + mass * (1 - x / axle), 0);
  return {
    plate,
    more,
    ballLoad: ball.kind === 'known' && onBall !== null ? ball.value + onBall : null,
    over: checks
      .filter((check) => binds(check) && comparesLoad(check))
      .flatMap((check) => {
        const left = marginAfter(check, shifts);
        return left !== null && left < -1e-6 ? [{ check, by: -left }] : [];
      })
      .sort((a, b) => b.by - a.by),
  };
}

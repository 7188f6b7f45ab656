import type { RigView } from '../loading/rigView.ts';
import type { Side } from '../statics/pointLoad.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import { bodyReach } from '../scale/bodyReach.ts';
import { slipPicture } from './measured.ts';
import { reconcile, type Unlisted } from './reconcile.ts';
import type { Ticket } from '../loading/ticket.ts';
import { viewThen } from '../scale/viewThen.ts';

/** What a slip found on one body that the plan does not list. */
export interface UnlistedOn extends Unlisted {
  readonly side: Side;
  readonly body: string;
}

/**
 * A slip beside the plan, body by body, where the slip settles both supports of a body and the plan knows its masses and
 * places: a vehicle by its axles alone, a trailer by coupling and axles. The plan is that of the day of the slip: the loadout
 * kept with it, where one was kept, else today's; and no parts fitted later.
 */
export function unlistedOn(view: RigView, ticket: Ticket): readonly UnlistedOn[] {
  const then = viewThen(view, ticket);
  const { planned, estimate } = slipPicture(view, ticket, then);
  const of = (
    side: Side,
    span: number | undefined,
    near: string,
    far: string,
    reach: Parameters<typeof reconcile>[2],
  ) => {
    const body = view[side];
    const [low, high] = [estimate({ [near]: 1 }), estimate({ [far]: 1 })];
    const own = planned.bodies[body?.id ?? '']?.missing ?? [];
    const known = [...own, ...planned.massMissing[side], ...planned.placeMissing[side]].length === 0;
    if (!body || span === undefined || !low || !high || !known) return [];
    const { mass, moment } = planned.sums[side];
    const weighed = { near: low.value, far: high.value, nearError: low.se, farError: high.se, span };
    return [{ side, body: body.id, ...reconcile(weighed, { mass, moment }, reach) }];
  };
  return [
    ...of('vehicle', effectiveWheelbase(planned.lengths), 'F', 'R', bodyReach(view, 'vehicle')),
    ...of('trailer', view.trailer?.geometry.axlePosition, 'B', 'G', bodyReach(view, 'trailer')),
  ];
}

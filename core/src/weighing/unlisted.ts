import { compile } from '../loading/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Side } from '../statics/pointLoad.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import { adjustTicket } from './measured.ts';
import { reconcile, type Unlisted } from './reconcile.ts';
import type { Ticket } from './ticket.ts';
import type { WeighingLengths } from './weighedLoads.ts';

/** What a slip found on one body that the plan does not list. */
export interface UnlistedOn extends Unlisted {
  readonly side: Side;
  readonly body: string;
}

/**
 * A slip beside the plan, body by body, where the slip settles both supports of a body and the plan knows its masses and
 * places: a vehicle by its axles alone, a trailer by coupling and axles. The plan is the loadout kept with the slip, where
 * one was kept; else today's.
 */
export function unlistedOn(view: RigView, ticket: Ticket): readonly UnlistedOn[] {
  const then: RigView = ticket.loadout ? { ...view, loadout: ticket.loadout } : view;
  const planned = compile(then);
  const lengths: WeighingLengths = { ...planned.lengths, jockey: view.trailer?.geometry.jockeyPosition };
  const { estimate } = adjustTicket(lengths, ticket).adjustment;
  const of = (
    side: Side,
    span: number | undefined,
    near: string,
    far: string,
    reach: Parameters<typeof reconcile>[2],
  ) => {
    const body = view[side];
    const [low, high] = [estimate({ [near]: 1 }), estimate({ [far]: 1 })];
    const known = planned.massMissing[side].length === 0 && planned.placeMissing[side].length === 0;
    if (!body || span === undefined || !low || !high || !known) return [];
    const { mass, moment } = planned.sums[side];
    const weighed = { near: low.value, far: high.value, nearError: low.se, farError: high.se, span };
    return [{ side, body: body.id, ...reconcile(weighed, { mass, moment }, reach) }];
  };
  const { frontOverhang, wheelbase, rearOverhang, tagAxle } = view.vehicle?.geometry ?? {};
  const tail =
    rearOverhang === undefined || wheelbase === undefined ? null : wheelbase + (tagAxle?.offset ?? 0) + rearOverhang;
  const { drawbarLength, bodyLength, axlePosition } = view.trailer?.geometry ?? {};
  const end = drawbarLength === undefined || bodyLength === undefined ? null : drawbarLength + bodyLength;
  return [
    ...of(
      'vehicle',
      effectiveWheelbase(planned.lengths),
      'F',
      'R',
      tail === null || frontOverhang === undefined ? null : { from: -frontOverhang, to: tail },
    ),
    ...of('trailer', axlePosition, 'B', 'G', end === null ? null : { from: 0, to: end }),
  ];
}

import { comparesLoad, type Check } from '../checks/check.ts';
import { keepsOthers } from '../limits/keepsOthers.ts';
import { mustLeaveAt } from '../limits/mustLeaveAt.ts';
import { marginAfter, type Spot } from '../limits/limitLine.ts';
import { placeContents } from '../loading/placeContents.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { kilograms, message, verbatim, type Message } from '../messages/message.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import { bodyReach } from '../scale/bodyReach.ts';
import { isState } from '../state/stateLoads.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Assessment } from './assess.ts';

/** A spot of the rig where so many kg less would bring a check right. */
interface LeaveSpot {
  readonly side: Side;
  readonly body: string;
  /** A place of the owner's, or an end of the body. */
  readonly name: Message;
  /** m on the side's own axis. */
  readonly x: number;
  readonly mass: number;
}

/** How many kg must leave a load that is over, whatever lies there: for rigs of which more was weighed than is listed. */
export interface MustLeave {
  /** kg by which it is over. */
  readonly mass: number;
  /** Where it would do, the least kg first; none: it does not matter where, or nobody knows what a kilogram does. */
  readonly spots: readonly LeaveSpot[];
  readonly says: Message;
}

const shown = 2;

/**
 * What must leave for a check that is over, in kg and places of the drawing: by what one kilogram at a place does to it where lengths are
 * known, by the total where not. A place is named where it holds so much by the list, or where nobody listed what it holds;
 * none whose emptying passes another limit. null: it is not over, or short of a least.
 */
export function mustLeave(assessment: Assessment, check: Check): MustLeave | null {
  const { margin, sense } = check;
  if (check.status !== 'over' || margin === null || sense === 'min' || !comparesLoad(check)) return null;
  const mass = -margin;
  const spots = spotsOf(assessment, check);
  return { mass, spots: spots.slice(0, shown), says: saying(assessment, check, mass, spots) };
}

function spotsOf({ loads, checks }: Assessment, check: Check): readonly LeaveSpot[] {
  const { view } = loads;
  const { use } = check;
  const contents = placeContents(view);
  const found = placedBodies(view).flatMap(({ body, side, offset }): readonly LeaveSpot[] => {
    // Where it does not matter where a kilogram leaves, no place is named.
    if (use?.[side].perMetre === 0 || offset === null) return [];
    const leaving = (name: Message, at: Omit<Spot, 'side' | 'body'>, holds: number): readonly LeaveSpot[] => {
      const spot = { ...at, side, body: body.id };
      const mass = mustLeaveAt(check, spot);
      if (mass === null || mass > holds) return [];
      const shifts = [{ ...spot, mass: -mass }];
      if (!keepsOthers(checks, check, (other) => marginAfter(other, shifts))) return [];
      return [{ side, body: body.id, name, x: at.x, mass }];
    };
    const open = mayHoldMore(loads, side, check);
    const named = body.places.flatMap(({ id, name, x }) =>
      x === undefined
        ? []
        : leaving(
            verbatim(name),
            { place: id, x: offset + x },
            open ? Infinity : (contents.get(`${body.id}/${id}`)?.mass ?? 0),
          ),
    );
    const reach = body === view[side] && open && named.length === 0 ? bodyReach(view, side) : null;
    return reach
      ? [
          ...leaving(message('leave.frontEnd'), { x: reach.from }, Infinity),
          ...leaving(message('leave.rearEnd'), { x: reach.to }, Infinity),
        ]
      : named;
  });
  return found.sort((a, b) => a.mass - b.mass);
}

/** Whether there is more on a side than its list says: a scale found it, or found the side laden though nothing is listed on it. */
function mayHoldMore(loads: PlannedOrWeighed, side: Side, { quantity }: Check): boolean {
  if (loads.from === 'slip') return true;
  if (!isState(loads)) return false;
  const { view, known } = loads;
  if (!(quantity in known) || known[quantity as QuantityName] === null) return false;
  const own = placedBodies(view).flatMap((one) => (one.side === side ? [one.body.id] : []));
  return loads.beside(side) > 0 || !view.loadout.placements.some(({ body }) => own.includes(body));
}

function saying({ loads }: Assessment, check: Check, mass: number, spots: readonly LeaveSpot[]): Message {
  const named = { check: check.name, mass: kilograms(mass, 'load', check.id) };
  const [first, second] = spots;
  if (first) {
    const a = { a: kilograms(first.mass, 'load'), from: first.name };
    if (!second) return message('leave.one', { ...named, ...a });
    return message('leave.either', { ...named, ...a, b: kilograms(second.mass, 'load'), other: second.name });
  }
  const body = wholeBody(loads.view, check);
  return body ? message('leave.body', { ...named, body: verbatim(body) }) : message('leave.only', named);
}

/** The body of which it does not matter where a kilogram leaves. */
function wholeBody(view: RigView, { quantity }: Check): string | null {
  const of = { vehicleTotal: 'vehicle', vehicleSolo: 'vehicle', trailerTotal: 'trailer' } as const;
  return quantity in of ? (view[of[quantity as keyof typeof of]]?.name ?? null) : null;
}

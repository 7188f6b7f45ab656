import type { Body, Camper, Trailer, Vehicle } from '../rig/body.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Rig } from '../rig/rig.ts';
import type { Situation } from '../situation/situation.ts';
import type { Loadout, Thing } from './loadout.ts';
import type { Ticket } from './ticket.ts';
import type { Typical } from './typicalFacts.ts';

/** A rig with everything it refers to at hand. */
export interface RigView {
  readonly rig: Rig;
  /** undefined: a trailer judged by itself. */
  readonly vehicle: Vehicle | undefined;
  readonly trailer: Trailer | undefined;
  readonly camper: Camper | undefined;
  readonly situation: Situation;
  readonly loadout: Loadout;
  readonly things: ReadonlyMap<string, Thing>;
  /** What was taken as is usual; undefined: nothing. */
  readonly typical?: Typical | undefined;
  /** What scales said of it; left out: nothing, or nobody asks them. */
  readonly slips?: readonly KeptSlip[] | undefined;
  /** What is said of its bodies is supposed, to see what would follow: nothing contradicts it. */
  readonly supposed?: true;
}

/** A slip, and the rig as it stood on the scale, whatever is done with it since. */
export interface KeptSlip {
  readonly ticket: Ticket;
  readonly then: RigView;
}

/** The same rig by its papers, its list and what is said of it alone, as if no scale had said anything. */
export const byTheList = (view: RigView): RigView => (view.slips ? { ...view, slips: undefined } : view);

/** The same rig on a day: the situation's own, or the one the question is put on (ISO 8601). */
export const onDay = (view: RigView, today: string): RigView =>
  view.situation.date === undefined ? { ...view, situation: { ...view.situation, date: today } } : view;

/** A body of the rig, whose axles it rests on, and where its own x = 0 lies there; null where nobody has said. */
export interface PlacedBody {
  readonly body: Body;
  readonly side: Side;
  readonly offset: number | null;
}

/** Vehicle, camper and trailer, as far as the rig has them. A camper rests on the vehicle. */
export function placedBodies({ rig, vehicle, trailer, camper }: RigView): readonly PlacedBody[] {
  const own = (body: Vehicle | Trailer | undefined): readonly PlacedBody[] =>
    body ? [{ body, side: body.kind, offset: 0 }] : [];
  const carried: readonly PlacedBody[] = camper
    ? [{ body: camper, side: 'vehicle', offset: rig.camper?.x ?? null }]
    : [];
  return [...own(vehicle), ...carried, ...own(trailer)];
}

/** What lies in the rig, each thing once, in how many parts it may lie. */
export const thingsAboard = ({ loadout, things }: RigView): readonly Thing[] =>
  [...new Set(loadout.placements.map(({ thing }) => thing))].flatMap((id) => things.get(id) ?? []);

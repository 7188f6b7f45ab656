import { tankContents } from '../loading/tankContents.ts';
import type { Placement, Thing } from '../loading/loadout.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import { placedMass, placedX } from '../loading/placed.ts';
import { maySend, wishFor } from '../loading/placing.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { Place, Seat, Tank } from '../rig/equipment.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import type { Side } from '../statics/pointLoad.ts';

/** Where one unit of a column puts mass. */
export interface Effect {
  readonly side: Side;
  readonly body: string;
  /** m on the side's own axis. */
  readonly x: number;
  /** kg of a unit at each moment. */
  readonly masses: readonly number[];
  /** The place it lies in; undefined: none, a tank or a seat. */
  readonly place?: string;
}

/** One way to treat a thing, a tank or somebody, as a column of a programme. */
export interface Way {
  /** Left out: it puts mass nowhere, at home. */
  readonly effect?: Effect;
  /** How many units there are now, and at most. */
  readonly now: number;
  readonly most: number;
  readonly to: Spot | null;
}

interface Spot {
  readonly body: string;
  readonly place: string;
  readonly name: string;
}

/** A line of the loadout that may go elsewhere. Its units are the whole line, or where it may be parted each piece. */
export interface ThingDecision {
  readonly kind: 'thing';
  readonly thing: Thing;
  readonly placement: Placement;
  readonly from: Spot;
  readonly units: number;
  /** kg of a unit at the first moment. */
  readonly mass: number;
  readonly ways: readonly Way[];
}

/** A tank that may be filled otherwise, in hundredths: first how full it then is, then that what is in it now goes. */
export interface TankDecision {
  readonly kind: 'tank';
  readonly body: string;
  readonly tank: Tank;
  readonly effect: Effect;
  readonly now: number;
  readonly from: number;
  readonly to: number;
}

/** Somebody who may sit elsewhere. */
export interface SeatDecision {
  readonly kind: 'seat';
  readonly id: string;
  readonly name: string;
  readonly from: Spot;
  readonly mass: number;
  readonly ways: readonly Way[];
}

export interface Decisions {
  readonly things: readonly ThingDecision[];
  readonly tanks: readonly TankDecision[];
  readonly seats: readonly SeatDecision[];
}

/** Who may be left at home. */
export type MayStay = 'spare' | 'all';

/**
 * All that may be decided of a packing: where each line of the loadout may go, how full the tanks may be, who may sit where.
 * A thing whose place nobody can say where it is stays; so does what is too long for a place, out of that place.
 * @param moments the same loadout at several moments, the first is the one that is packed; tanks are decided of one moment only
 */
export const decisionsOf = (moments: readonly RigView[], wish: PackingWish, mayStay: MayStay): Decisions => ({
  things: thingDecisions(moments, wish, mayStay),
  tanks: moments.length === 1 ? tankDecisions(moments[0], wish) : [],
  seats: wish.seats ? seatDecisions(moments) : [],
});

interface PlaceSpot extends Spot {
  readonly side: Side;
  readonly offset: number;
  readonly is: Place;
}

const spotsOf = (view: RigView): readonly PlaceSpot[] =>
  placedBodies(view).flatMap(({ body, side, offset }) =>
    offset === null ? [] : body.places.map((is) => ({ body: body.id, place: is.id, name: is.name, side, offset, is })),
  );

function thingDecisions(moments: readonly RigView[], wish: PackingWish, mayStay: MayStay): readonly ThingDecision[] {
  const [first] = moments;
  if (!first) return [];
  const spots = spotsOf(first);
  return first.loadout.placements.flatMap((placement): readonly ThingDecision[] => {
    const thing = first.things.get(placement.thing);
    const here = spots.find((one) => one.body === placement.body && one.place === placement.place);
    const how = wishFor(wish, placement.thing);
    if (!thing || !here || how === 'stays') return [];
    const units = wish.parted ? placement.count : 1;
    const each = moments.map((view) => massAt(view, placement) / units);
    const [mass = 0] = each;
    if (mass <= 0) return [];
    const loose = { ...placement, x: undefined };
    const at = (spot: PlaceSpot, lies: Placement): Effect | undefined => {
      const x = placedX(thing, lies, spot.is);
      return x === null
        ? undefined
        : { side: spot.side, body: spot.body, x: spot.offset + x, masses: each, place: spot.place };
    };
    const effect = at(here, placement);
    if (!effect) return [];
    const elsewhere = spots.flatMap((spot): readonly Way[] => {
      const then = spot === here || !maySend(thing, here, spot, wish) ? undefined : at(spot, loose);
      return then ? [{ effect: then, now: 0, most: units, to: spot }] : [];
    });
    const home = how === 'spare' || (mayStay === 'all' && how !== 'comes');
    const ways = [
      { effect, now: units, most: units, to: here },
      ...elsewhere,
      ...(home ? [{ now: 0, most: units, to: null }] : []),
    ];
    return [{ kind: 'thing', thing, placement, from: here, units, mass, ways }];
  });
}

/** kg of a line of the loadout at another moment: eaten, set down or still there. */
function massAt({ loadout, things }: RigView, { thing: id, body, place }: Placement): number {
  const lies = loadout.placements.find((one) => one.thing === id && one.body === body && one.place === place);
  const thing = things.get(id);
  return lies && thing ? placedMass(thing, lies) : 0;
}

function tankDecisions(view: RigView | undefined, { tanks = [] }: PackingWish): readonly TankDecision[] {
  if (!view) return [];
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.tanks.flatMap((tank): readonly TankDecision[] => {
      const wish = tanks.find((one) => one.body === body.id && one.tank === tank.id);
      const full = tankContents(tank, 1);
      if (!wish || !full || tank.x === undefined || offset === null) return [];
      const now = tankLevel(view, body.id, tank.id);
      const effect = { side, body: body.id, x: offset + tank.x, masses: [full / 100] };
      const [from, to] = [Math.min(wish.from, wish.to), Math.max(wish.from, wish.to)];
      return [{ kind: 'tank', body: body.id, tank, effect, now: 100 * now, from: 100 * from, to: 100 * to }];
    }),
  );
}

/** Whoever drives stays at the wheel, and a dog where it is. */
function seatDecisions(moments: readonly RigView[]): readonly SeatDecision[] {
  const vehicle = moments[0]?.vehicle;
  const crew = moments[0]?.loadout.crew ?? [];
  if (!vehicle) return [];
  const seats = seatsIn(vehicle).filter((seat): seat is Seat & { x: number } => !seat.driver && seat.x !== undefined);
  const movable = crew.filter(({ pet, seat }) => !pet && seats.some(({ id }) => id === seat));
  const taken = new Set(crew.flatMap((one) => (movable.includes(one) ? [] : (one.seat ?? []))));
  return movable.map(({ id, name, mass, seat: now }) => {
    const masses = moments.map(({ loadout }) => loadout.crew.find((one) => one.id === id)?.mass ?? 0);
    const ways = seats
      .filter((seat) => !taken.has(seat.id))
      .map((seat): Way => ({
        effect: { side: 'vehicle', body: vehicle.id, x: seat.x, masses },
        now: seat.id === now ? 1 : 0,
        most: 1,
        to: { body: vehicle.id, place: seat.id, name: seat.name },
      }));
    const from = { body: vehicle.id, place: now ?? '', name: seats.find((seat) => seat.id === now)?.name ?? '' };
    return { kind: 'seat', id, name, from, mass, ways };
  });
}

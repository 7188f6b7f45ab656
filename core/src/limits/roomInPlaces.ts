import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Place } from '../rig/equipment.ts';
import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { roomAt, type Room } from './roomAt.ts';

export interface PlaceRoom {
  readonly side: Side;
  readonly body: string;
  readonly place: Place;
  /** m on the side's own axis; null where nobody has said. */
  readonly x: number | null;
  readonly room: Room;
}

/** What every place of the rig could still take, and which limit would bind, its own rating included. */
export function roomInPlaces(view: RigView, checks: readonly Check[]): readonly PlaceRoom[] {
  return placedBodies(view).flatMap(({ side, body, offset }) =>
    body.places.map((place) => {
      const own = checks.find((check) => check.place?.body === body.id && check.place.place === place.id);
      const x = place.x === undefined || offset === null ? null : offset + place.x;
      const room: Room = x === null ? { kind: 'unknown' } : roomAt(checks, side, x);
      return { side, body: body.id, place, x, room: withRating(room, own) };
    }),
  );
}

function withRating(room: Room, own: Check | undefined): Room {
  if (room.kind !== 'room' || own?.margin === null || own?.margin === undefined) return room;
  if (own.margin < room.least) return { kind: 'none', binding: own };
  return room.most === null || own.margin < room.most ? { ...room, most: own.margin, binding: own } : room;
}

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
export const roomInPlaces = (view: RigView, checks: readonly Check[]): readonly PlaceRoom[] =>
  placedBodies(view).flatMap(({ side, body, offset }) =>
    body.places.map((place) => {
      const x = place.x === undefined || offset === null ? null : offset + place.x;
      const room: Room = x === null ? { kind: 'unknown' } : roomAt(checks, { side, body: body.id, place: place.id, x });
      return { side, body: body.id, place, x, room };
    }),
  );

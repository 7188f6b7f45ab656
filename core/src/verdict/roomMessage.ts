import type { PlaceRoom } from '../limits/roomInPlaces.ts';
import { kilograms, message, type Message } from '../messages/message.ts';

/** What a place could still take and which limit would be the first to say no. */
export function roomMessage({ body, place, room }: PlaceRoom): Message {
  if (room.kind === 'unknown') return message('room.unknown');
  if (room.kind === 'none') return message('room.none', { limit: room.binding.name });
  // A counterweight at the tail would mend a light or heavy axle on paper and make the rig swing: never offered.
  if (room.mends) return message('room.none', { limit: room.mends.name });
  if (room.most === null || !room.binding) return message('room.unbound');
  const most = kilograms(room.most, 'margin', `room:${body}/${place.id}`);
  return message('room.room', { room: most, limit: room.binding.name });
}

import { marginAfter, type Shift } from './limitLine.ts';
import type { PlaceRoom } from './roomInPlaces.ts';
import type { Thing } from '../loading/loadout.ts';
import { mayGo } from '../loading/placing.ts';
import { binds, comparesLoad, type Check } from '../checks/check.ts';

/** A thing in the hand: how heavy, and where it is taken from; left out: from home. */
export interface InHand {
  readonly mass: number;
  /** Where alone it may go, by kind of place. */
  readonly onlyIn?: Thing['onlyIn'];
  readonly from?: { readonly body: string; readonly place: string; readonly x?: number | undefined } | undefined;
  /** m from its middle to its centre of mass, rearwards. */
  readonly lean?: number | undefined;
}

/** What would be left if the thing were put down in a place. */
export interface PlacePreview {
  readonly body: string;
  readonly place: string;
  /** kg left at the limit that would have least left of those the move touches; null where that is not known. */
  readonly left: number | null;
  readonly binding: Check | null;
  /** Whether the move breaks a limit that is kept now, or breaks one further. */
  readonly breaks: boolean;
  /** Its owner said that it does not go into such a place. */
  readonly barred: boolean;
}

/** Less than this, kg, a move does not touch a limit. */
const untouched = 0.05;

/**
 * For every place: the limit that would have least left after putting the thing there, of all that the move touches; the
 * place's own rating among them. The limits' lines only, no evaluation: cheap enough for every step of a pointer.
 */
export function placePreviews(
  rooms: readonly PlaceRoom[],
  checks: readonly Check[],
  inHand: InHand,
): readonly PlacePreview[] {
  const limits = checks.filter((check) => binds(check) && comparesLoad(check));
  const source = inHand.from && rooms.find((room) => isPlace(room, inHand.from));
  const lean = inHand.lean ?? 0;
  return rooms.map((room) => {
    const { body, place } = { body: room.body, place: room.place.id };
    const barred = !mayGo(inHand, room.place);
    const stays = source === room;
    if (room.x === null || (source && source.x === null))
      return { body, place, left: null, binding: null, breaks: false, barred };
    const shifts: readonly Shift[] = stays
      ? []
      : [
          { side: room.side, body, place, x: room.x + lean, mass: inHand.mass },
          ...(source?.x != null ? [taken(source, inHand, lean)] : []),
        ];
    return { body, place, barred, ...tightest(limits, shifts) };
  });
}

/** m on the side's axis where the thing lies now: in the middle of its place, or where its owner put it there. */
const spotOf = (source: PlaceRoom, { from }: InHand): number =>
  (source.x ?? 0) + (from?.x === undefined || source.place.x === undefined ? 0 : from.x - source.place.x);

const isPlace = (room: PlaceRoom, at: InHand['from']): boolean => room.body === at?.body && room.place.id === at.place;

const taken = (source: PlaceRoom, inHand: InHand, lean: number): Shift => ({
  side: source.side,
  body: source.body,
  place: source.place.id,
  x: spotOf(source, inHand) + lean,
  mass: -inHand.mass,
});

function tightest(
  limits: readonly Check[],
  shifts: readonly Shift[],
): Pick<PlacePreview, 'left' | 'binding' | 'breaks'> {
  let left: number | null = null;
  let binding: Check | null = null;
  let breaks = false;
  for (const check of limits) {
    const after = marginAfter(check, shifts);
    if (check.margin === null || after === null) continue;
    const touched = shifts.length === 0 || Math.abs(after - check.margin) > untouched;
    if (!touched) continue;
    if (after < -untouched && after < check.margin - untouched) breaks = true;
    if (left === null || after < left) [left, binding] = [after, check];
  }
  return { left, binding, breaks };
}

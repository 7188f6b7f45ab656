import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';
import { placedBodies } from '../loading/rigView.ts';
import type { Loads } from '../loads/loads.ts';
import { message, verbatim } from '../messages/message.ts';
import { factsFor } from './context.ts';

/** A locker, rack or roof with a rating of its own; not judged where nobody looked into it. */
export const placeChecks = (loads: Loads): readonly Check[] =>
  placedBodies(loads.view).flatMap(({ side, body }) => {
    const facts = factsFor(loads, side, 'place.rating');
    return body.places.flatMap((place): readonly Check[] => {
      const contents = loads.inPlace(body.id, place.id);
      if (!facts || !place.rating || contents.kind === 'absent') return [];
      const check = newCheck(loads, {
        rule: 'place.rating',
        id: `place.rating:${body.id}:${place.id}`,
        facts,
        side,
        group: 'places',
        quantity: 'place',
        name: message('check.placeRating', { place: verbatim(place.name) }),
      });
      const { source } = place.rating;
      const notes = source ? [message('check.note.ratingSource', { source: verbatim(source) })] : [];
      const judged = judgedAs(check, judgeMost(loads, contents, givenLimit(place.rating.value)), { notes });
      return [{ ...judged, place: { body: body.id, place: place.id } }];
    });
  });

import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import { placedBodies } from '../loading/rigView.ts';
import { message, verbatim } from '../messages/message.ts';
import { defineRule } from './rule.ts';

/** A locker, rack or roof with a rating of its own; not judged where nobody looked into it. */
export const placeRating = defineRule({
  id: 'place.rating',
  group: 'places',
  by: 'each',
  silence: 'place',
  check: ({ loads, at, open }) =>
    placedBodies(loads.view).flatMap(({ side, body }) => {
      const facts = at(side);
      return body.places.flatMap((place) => {
        const contents = loads.inPlace(body.id, place.id);
        if (!facts || !place.rating || contents.kind === 'absent') return [];
        const check = open(facts, {
          part: `${body.id}:${place.id}`,
          side,
          quantity: 'place',
          counts: [{ body: body.id, place: place.id }],
          name: message('check.placeRating', { place: verbatim(place.name) }),
        });
        const { source } = place.rating;
        const notes = source ? [message('check.note.ratingSource', { source: verbatim(source) })] : [];
        const judged = judgedAs(check, judgeMost(loads, contents, givenLimit(place.rating.value)), { notes });
        return [{ ...judged, place: { body: body.id, place: place.id } }];
      });
    }),
});

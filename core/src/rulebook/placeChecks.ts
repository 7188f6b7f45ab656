import type { Compiled } from '../loading/compile.ts';
import { placedMass } from '../loading/placed.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { message, verbatim } from '../messages/message.ts';
import type { Body } from '../rig/body.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check } from './check.ts';
import { factsFor, regionFor } from './context.ts';
import { judge } from './judge.ts';

interface Sum {
  mass: number;
  variance: number;
}

interface Contents {
  readonly mass: number;
  readonly sigma: number;
}

/** What lies in each place, kg, by `body/place`. */
export function placeContents({ loadout, things }: RigView): ReadonlyMap<string, Contents> {
  const bodies = new Map<string, Map<string, Sum>>();
  for (const placement of loadout.placements) {
    const { thing, count, body, place } = placement;
    const found = things.get(thing);
    if (!found) continue;
    let places = bodies.get(body);
    if (!places) bodies.set(body, (places = new Map<string, Sum>()));
    let sum = places.get(place);
    if (!sum) places.set(place, (sum = { mass: 0, variance: 0 }));
    sum.mass += placedMass(found, placement);
    sum.variance += (((found.plusMinus ?? 0) / 2) * count) ** 2;
  }
  const contents = new Map<string, Contents>();
  for (const [body, places] of bodies) {
    for (const [place, { mass, variance }] of places) {
      contents.set(`${body}/${place}`, { mass, sigma: Math.sqrt(variance) });
    }
  }
  return contents;
}

/** A locker, rack or roof with a rating of its own. */
export function placeChecks(compiled: Compiled): readonly Check[] {
  const contents = placeContents(compiled.view);
  return placedBodies(compiled.view).flatMap(({ side, body }) => bodyChecks(compiled, side, body, contents));
}

function bodyChecks(
  compiled: Compiled,
  side: Side,
  body: Body,
  contents: ReadonlyMap<string, Contents>,
): readonly Check[] {
  const facts = factsFor(compiled, side, 'place.rating');
  if (!facts) return [];
  return body.places.flatMap((place): readonly Check[] => {
    if (!place.rating) return [];
    const { mass, sigma } = contents.get(`${body.id}/${place.id}`) ?? { mass: 0, sigma: 0 };
    const margin = place.rating.value - mass;
    return [
      {
        id: `place.rating:${body.id}:${place.id}`,
        rule: 'place.rating',
        region: regionFor(compiled, side),
        kind: facts.kind,
        group: 'places',
        quantity: 'place',
        name: message('check.placeRating', { place: verbatim(place.name) }),
        sense: 'max',
        demand: mass,
        sigma,
        limit: place.rating.value,
        margin,
        status: judge(margin, sigma, compiled.view.situation.reserve ?? 0),
        required: false,
        source: facts,
        figures: [],
        missing: [],
        notes: place.rating.source
          ? [message('check.note.ratingSource', { source: verbatim(place.rating.source) })]
          : [],
        use: null,
        place: { body: body.id, place: place.id },
      },
    ];
  });
}

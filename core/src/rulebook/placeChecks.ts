import type { Compiled } from '../loading/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { message, verbatim } from '../messages/message.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check } from './check.ts';
import { factsFor, regionFor } from './context.ts';
import { judge } from './judge.ts';

/** What lies in each place, kg, by `body/place`. */
export function placeContents(view: RigView): ReadonlyMap<string, { readonly mass: number; readonly sigma: number }> {
  const contents = new Map<string, { mass: number; variance: number }>();
  for (const { thing, count, body, place } of view.loadout.placements) {
    const found = view.things.get(thing);
    if (!found) continue;
    const key = `${body}/${place}`;
    const sum = contents.get(key) ?? { mass: 0, variance: 0 };
    sum.mass += found.mass * count;
    sum.variance += (((found.plusMinus ?? 0) / 2) * count) ** 2;
    contents.set(key, sum);
  }
  return new Map([...contents].map(([key, { mass, variance }]) => [key, { mass, sigma: Math.sqrt(variance) }]));
}

/** A locker, rack or roof with a rating of its own. */
export function placeChecks(compiled: Compiled): readonly Check[] {
  const contents = placeContents(compiled.view);
  return (['vehicle', 'trailer'] as const).flatMap((side) => sideChecks(compiled, side, contents));
}

function sideChecks(compiled: Compiled, side: Side, contents: ReturnType<typeof placeContents>): readonly Check[] {
  const body = compiled.view[side];
  const facts = factsFor(compiled, side, 'place.rating');
  if (!body || !facts) return [];
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

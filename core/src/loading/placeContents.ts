import { placedMass } from './placed.ts';
import type { RigView } from './rigView.ts';

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

import type { RigView } from '../loading/rigView.ts';
import type { Trailer } from '../rig/body.ts';
import { takeAway, type Left } from './takingAway.ts';

/** Words for what is made up here, from the catalogue. */
export interface SmallTrailerWords {
  readonly name: string;
  readonly box: string;
}

/**
 * A light unbraked box trailer such as many yards hire out, with invented figures: something to reckon with until the plate of
 * a real one is read. kg, m.
 */
const smallTrailer = (id: string, words: SmallTrailerWords): Trailer => ({
  kind: 'trailer',
  id,
  name: words.name,
  braked: false,
  geometry: { axles: 1, axlePosition: 2.1, drawbarLength: 1.1, bodyLength: 2, height: 1.5 },
  emptyMass: { basis: 'dry', total: 165, ballLoad: 14, source: 'other' },
  plates: [
    {
      id: `${id}-plate`,
      source: 'caravanPlate',
      figures: [
        { limit: 'trailerMax', value: 750, typed: '750 kg' },
        { limit: 'trailerAxlesMax', value: 750, typed: '750 kg' },
        { limit: 'ballMax', value: 75, typed: '75 kg' },
      ],
    },
  ],
  places: [{ id: 'box', name: words.box, kind: 'tray', x: 2, length: 1.6, z: 0.55, height: 0.5 }],
  tanks: [],
  fitted: [],
});

/** Each round moves what still has to go; what the trailer's own load on the ball brings back is seen to in the next. */
const mostRounds = 4;

export interface Towing {
  readonly view: RigView;
  /** What is in the trailer now, kg. */
  readonly moved: readonly Left[];
  readonly mass: number;
}

/** The rig with what had to go in a small trailer behind it; null where something is towed already or nothing has to go. */
export function withSmallTrailer(view: RigView, words: SmallTrailerWords): Towing | null {
  if (!view.vehicle || view.trailer) return null;
  const trailer = smallTrailer('small-trailer', words);
  let current = view;
  const moved: Left[] = [];
  for (let round = 0; round < mostRounds; round += 1) {
    const { left, loadout } = takeAway(current);
    const aboard = left.filter(({ body }) => body !== trailer.id);
    if (aboard.length === 0) break;
    moved.push(...aboard);
    current = {
      ...current,
      trailer,
      rig: { ...current.rig, trailer: trailer.id },
      loadout: { ...loadout, placements: [...loadout.placements, ...aboard.flatMap((one) => inBox(current, one))] },
    };
  }
  return moved.length === 0 ? null : { view: current, moved, mass: moved.reduce((sum, { mass }) => sum + mass, 0) };
}

const inBox = ({ loadout }: RigView, { thing, body, place }: Left): RigView['loadout']['placements'] =>
  loadout.placements
    .filter((one) => one.thing === thing && one.body === body && one.place === place)
    .map(({ thing: id, count, wet }) => ({
      thing: id,
      count,
      body: 'small-trailer',
      place: 'box',
      ...(wet ? { wet } : {}),
    }));

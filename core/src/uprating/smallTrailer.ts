import type { RigView } from '../loading/rigView.ts';
import type { Trailer } from '../rig/body.ts';

/** Words for what is made up here, from the catalogue. */
export interface SmallTrailerWords {
  readonly name: string;
  readonly box: string;
}

/**
 * A light unbraked trailer with a closed box such as many yards hire out, with invented figures: something to reckon with until the plate of
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
  places: [{ id: 'box', name: words.box, kind: 'garage', x: 2, length: 1.6, z: 0.55, height: 0.5 }],
  tanks: [],
  fitted: [],
});

/** The rig with an empty small trailer behind it; null where something is towed already, or nothing can tow. */
export function withSmallTrailer(view: RigView, words: SmallTrailerWords): RigView | null {
  if (!view.vehicle || view.trailer) return null;
  const trailer = smallTrailer('small-trailer', words);
  return { ...view, trailer, rig: { ...view.rig, trailer: trailer.id } };
}

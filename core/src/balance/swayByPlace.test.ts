import { describe, expect, it } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import { compile } from '../loads/compile.ts';
import { swayByPlace, swayPair } from './swayByPlace.ts';
import { withMassAt } from './withMassAt.ts';

const estate = exampleView('german-estate-and-caravan');

describe('mass along a trailer and its swaying', () => {
  it('at the tail makes it livelier, wherever else it makes it calmer', () => {
    const places = swayByPlace(estate);
    expect(places.length).toBeGreaterThan(3);
    expect(places.at(-1)?.verdict).toBe('livelier');
    expect(new Set(places.map(({ verdict }) => verdict)).size).toBeGreaterThan(1);
  });

  it('in order from the coupling to the tail', () => {
    const x = new Map(estate.trailer?.places.map((place) => [place.id, place.x ?? NaN]));
    const along = swayByPlace(estate).map(({ place }) => x.get(place) ?? NaN);
    expect(along).toEqual(along.toSorted((a, b) => a - b));
  });

  it('at both ends swings slower and dies away later than over the axles', () => {
    const found = swayPair(estate);
    if (!found) throw new Error('known');
    expect(found.ends.frequencyHz).toBeLessThan(found.middle.frequencyHz);
    expect(found.ends.dampingRatio).toBeLessThan(found.middle.dampingRatio);
  });

  it('is there as asked: so much more on the trailer, and nothing where none is towed', () => {
    const total = (view: typeof estate) => {
      const { trailerTotal } = compile(view).values;
      return trailerTotal.kind === 'known' ? trailerTotal.value : NaN;
    };
    expect(
      total(
        withMassAt(estate, [
          { x: 1, mass: 30 },
          { x: 5, mass: 12 },
        ]),
      ) - total(estate),
    ).toBeCloseTo(42, 9);
    const alone = exampleView('german-motorhome');
    expect(withMassAt(alone, [{ x: 1, mass: 30 }])).toBe(alone);
    expect(swayByPlace(alone)).toEqual([]);
    expect(swayPair(alone)).toBeNull();
  });

  it('of a rig whose lengths nobody knows says nothing', () => {
    const trailer = estate.trailer && { ...estate.trailer, geometry: { axles: 1 } };
    expect(swayPair({ ...estate, trailer })).toBeNull();
    expect(swayByPlace({ ...estate, trailer })).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import { addPlaces } from '../edits/placeEdits.ts';
import { setGeometry } from '../edits/bodyEdits.ts';
import { readParsed } from '../files/readWorkspace.ts';
import type { Body } from '../rig/body.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { hasWord } from '../testing/words.ts';
import { placesOfSet, placeSetsFor } from './placeSets.ts';

const bodies = exampleNames.flatMap((name) => exampleWorkspace(name).bodies);
const tools = () => {
  let n = 0;
  return { newId: () => `new-${(n += 1)}`, word: (message: { key: string }) => message.key };
};
const reach = (body: Body): readonly [number, number] => {
  if (body.kind === 'trailer')
    return [body.geometry.drawbarLength ?? 0, (body.geometry.drawbarLength ?? 0) + (body.geometry.bodyLength ?? 0)];
  if (body.kind === 'camper') return [-(body.geometry.overCab ?? 2), body.geometry.floorLength ?? 0];
  const { wheelbase = 0, frontOverhang = 0, rearOverhang = 0, tagAxle } = body.geometry;
  return [-frontOverhang, wheelbase + (tagAxle?.offset ?? 0) + rearOverhang];
};

describe('ready-made places', () => {
  // Of what is only looked at nobody has measured a length yet.
  it.each(bodies.filter(({ offer }) => !offer).map((body) => [body.name, body] as const))(
    'of %s lie inside the body, with words of their own',
    (_, body) => {
      const sets = placeSetsFor(body);
      expect(sets.length).toBeGreaterThan(0);
      for (const set of sets) {
        const made = placesOfSet(set, body, tools());
        if ('missing' in made) throw new Error(made.missing.join());
        const [from, to] = reach(body);
        for (const place of made.places) {
          expect((place.x ?? NaN) - (place.length ?? NaN) / 2, place.name).toBeGreaterThan(from - 0.02);
          expect((place.x ?? NaN) + (place.length ?? NaN) / 2, place.name).toBeLessThan(to + 0.02);
          expect(hasWord(place.name), place.name).toBe(true);
        }
      }
    },
  );

  it('are scaled to the owner’s measures', () => {
    const workspace = exampleWorkspace('german-estate-and-caravan');
    const longer = setGeometry(workspace, 'kiebitz-430', { bodyLength: 6 });
    const [before, after] = [workspace, longer].map((one) => {
      const body = one.bodies.find(({ id }) => id === 'kiebitz-430')!;
      const made = placesOfSet(placeSetsFor(body)[0]!, body, tools());
      return 'places' in made ? made.places.at(-2)?.length : undefined;
    });
    const now = workspace.bodies.find(({ id }) => id === 'kiebitz-430')!;
    const ratio = now.kind === 'trailer' ? 6 / (now.geometry.bodyLength ?? NaN) : NaN;
    expect((after ?? NaN) / (before ?? NaN)).toBeCloseTo(ratio, 1);
  });

  it('ask for the lengths they need instead of guessing them', () => {
    const workspace = setGeometry(exampleWorkspace('german-estate-and-caravan'), 'kiebitz-430', {
      bodyLength: undefined,
    });
    const body = workspace.bodies.find(({ id }) => id === 'kiebitz-430')!;
    expect(placesOfSet(placeSetsFor(body)[0]!, body, tools())).toEqual({ missing: ['bodyLength'] });
  });

  it('offer a tandem its own set first, and leave what the owner has under the same name', () => {
    const workspace = exampleWorkspace('australian-wagon-and-tandem');
    const body = workspace.bodies.find(({ id }) => id === 'saltbush-19')!;
    const [set] = placeSetsFor(body);
    expect(set?.id).toBe('tandem');
    const made = placesOfSet(set!, body, {
      ...tools(),
      word: ({ key }) => (key === 'starter.kitchen' ? 'Kitchen' : key),
    });
    if ('missing' in made) throw new Error();
    const after = addPlaces(workspace, body.id, made.places);
    const places = after.bodies.find(({ id }) => id === body.id)!.places;
    expect(places.filter((place) => place.name === 'Kitchen')).toHaveLength(1);
    expect(places.find((place) => place.name === 'Kitchen')?.x).toBe(3.9);
    expect(places.length).toBeGreaterThan(body.places.length + 3);
    expect(readParsed(after).ok).toBe(true);
  });
});

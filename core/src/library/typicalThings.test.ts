import { describe, expect, it } from 'vitest';
import { hasWord } from '../testing/words.ts';
import { lighterInstead, typicalMass } from './typicalThings.ts';
import { typicalGroups, typicalThings } from './typicalThings.data.ts';

describe('the library of typical masses', () => {
  it.each(typicalThings.map((one) => [one.id, one] as const))('%s has a name, a range and a shelf', (id, thing) => {
    expect(hasWord(`typical.${id}`)).toBe(true);
    expect(thing.least).toBeGreaterThan(0);
    expect(thing.most).toBeGreaterThan(thing.least);
    expect(typicalGroups).toContain(thing.group);
    const { mass, plusMinus } = typicalMass(thing);
    expect(mass - plusMinus).toBeLessThanOrEqual(thing.least + 1e-9);
    expect(mass + plusMinus).toBeGreaterThanOrEqual(thing.most - 1e-9);
  });

  it('names each thing once, and what is lighter is really lighter', () => {
    expect(new Set(typicalThings.map(({ id }) => id)).size).toBe(typicalThings.length);
    const pairs = typicalThings.filter((one) => one.lighter !== undefined);
    expect(pairs.length).toBeGreaterThan(10);
    for (const one of pairs) expect(lighterInstead(one)?.saves, one.id).toBeGreaterThan(0);
    expect(lighterInstead(typicalThings.find(({ id }) => id === 'pans')!)).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import { countries } from '../situation/countries.ts';
import { australianStates } from '../situation/situation.ts';
import { hasWord } from '../testing/words.ts';
import { lawChanges, placeLaw, type LawChange } from './placeLaw.ts';

const today = '2026-12-01';
const places = [
  ...countries.map((country) => ({ country })),
  ...australianStates.map((state) => ({ country: 'AU' as const, state })),
];
const change = (changes: readonly LawChange[], part: string) => changes.find(({ id }) => id.includes(part));

describe('the law of a place on a day', () => {
  it.each(places)('of $country $state is told in words, each thing once', (place) => {
    const law = placeLaw(place, today);
    expect(new Set(law.map(({ id }) => id)).size).toBe(law.length);
    for (const { id, name, says, source, kind, sort } of law) {
      for (const { key } of [name, ...says]) expect(hasWord(key), `${id}: ${key}`).toBe(true);
      expect(hasWord(`source.${source}`), source).toBe(true);
      expect(kind === null).toBe(sort !== 'rule' && sort !== 'licence');
    }
  });

  it('does not change against itself', () => {
    for (const place of places) expect(lawChanges(placeLaw(place, today), placeLaw(place, today))).toEqual([]);
  });
});

describe('what changes', () => {
  it('between two days in Britain is what a licence covers: 3,500 kg of trailer on B since December 2021', () => {
    const found = lawChanges(placeLaw({ country: 'GB' }, '2021-12-15'), placeLaw({ country: 'GB' }, '2021-12-16'));
    expect(found.every(({ sort }) => sort === 'licence')).toBe(true);
    expect(found.filter(({ one }) => one !== null && one.comingFrom === null)).toHaveLength(2);
    expect(found.filter(({ other }) => other !== null && other.comingFrom === null)).toHaveLength(1);
  });

  it('is coming and never law, past the day it is expected from', () => {
    const then = placeLaw({ country: 'DE' }, '2030-06-01');
    const coming = then.filter(({ comingFrom }) => comingFrom !== null);
    expect(coming.length).toBeGreaterThan(0);
    expect(coming.every(({ confidence }) => confidence !== 'high')).toBe(true);
    expect(lawChanges(placeLaw({ country: 'DE' }, today), then)).toEqual([]);
  });

  it('from Germany to Italy is a light ball load, an offence there and advice here, and the towed mass', () => {
    const found = lawChanges(placeLaw({ country: 'DE' }, today), placeLaw({ country: 'IT' }, today));
    expect(change(found, 'ball.min')).toMatchObject({ one: { kind: 'legal' }, other: { kind: 'guidance' } });
    expect(change(found, 'road.hundred')).toMatchObject({ other: null });
    // Written in another book, and the same.
    expect(change(found, 'vehicle.max')).toBeUndefined();
  });

  it('is the other way round what was lost and what was gained', () => {
    const [here, there] = [placeLaw({ country: 'GB' }, today), placeLaw({ country: 'FR' }, today)];
    const back = new Map(lawChanges(there, here).map((one) => [one.id, one]));
    for (const { id, one, other } of lawChanges(here, there))
      expect(back.get(id)).toMatchObject({ one: other, other: one });
  });
});

import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { defineComponent } from 'vue';
import { i18n } from './i18n.ts';
import { useTerms } from './useTerms.ts';

function terms(): ReturnType<typeof useTerms> {
  let found: ReturnType<typeof useTerms> | undefined;
  mount(
    defineComponent({
      setup: () => {
        found = useTerms();
        return () => null;
      },
    }),
    { global: { plugins: [i18n] } },
  );
  if (!found) throw new Error('set up');
  return found;
}

describe('the words of the trade', () => {
  it('have a plain meaning and their names in every region that has one', () => {
    const { meaningOf, namesOf } = terms();
    expect(meaningOf('trailerMax')).toContain('whole trailer may weigh unhitched');
    expect(namesOf('trailerMax').map((one) => [one.region, one.name])).toEqual([
      ['au', 'ATM'],
      ['uk', 'MTPLM'],
      ['eu', "trailer's permitted mass (F.2)"],
      ['na', 'trailer GVWR'],
    ]);
    expect(meaningOf('nonsense')).toBe('');
  });

  it('all have a name somewhere', () => {
    const { terms: all, namesOf, commonName } = terms();
    expect(all.length).toBeGreaterThan(30);
    for (const term of all) expect(commonName(term) || namesOf(term)[0]?.name, term).toBeTruthy();
  });
});

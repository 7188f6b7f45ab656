import { english } from '@wagonomos/locales';
import { useI18n } from 'vue-i18n';

/** Regions that have words of their own; North American plates are read under the other rules too. */
export const wordRegions = ['au', 'uk', 'eu', 'na'] as const;
type WordRegion = (typeof wordRegions)[number];

/** What an idea is called in one region. */
export interface RegionName {
  readonly region: WordRegion;
  readonly name: string;
}

/** Plain meanings and the names of one idea everywhere, from the same catalogue as every other word. */
export function useTerms() {
  const i18n = useI18n();
  const t = (key: string) => i18n.t(key);
  const te = (key: string) => i18n.te(key);

  const meaningOf = (term: string): string => (te(`meaning.${term}`) ? t(`meaning.${term}`) : '');
  const namesOf = (term: string): readonly RegionName[] =>
    wordRegions.flatMap((region) => {
      const key = `lexicon.${region}.${term}`;
      return te(key) ? [{ region, name: t(key) }] : [];
    });
  const commonName = (term: string): string => (te(`lexicon.common.${term}`) ? t(`lexicon.common.${term}`) : '');
  const terms = Object.keys(english.meaning);

  return { terms, meaningOf, namesOf, commonName };
}

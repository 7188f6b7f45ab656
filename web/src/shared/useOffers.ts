import { displayMass, forceLimits, message, regionOf, term, type LimitName, type RigView } from '@wagonomos/core';
import { examplePackages, type UpratePackage } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** In what prices are told where. */
export const currencies = { au: 'AUD', uk: 'GBP', eu: 'EUR', na: 'USD' } as const;

/** What is on offer for a rig: examples in the words and the currency of its region, the owner's quotes; and how it is written. */
export function useOffers(view: () => RigView) {
  const { t } = useI18n();
  const { say } = useSpeech();
  const settings = useSettings();
  const workspace = useWorkspace();
  const currency = computed(() => currencies[view().situation.words]);
  const examples = computed((): readonly UpratePackage[] =>
    examplePackages
      .filter((one) => one.regions?.includes(regionOf(view().situation[one.of].country)) ?? true)
      .map((one) => ({
        ...one,
        name: t(`app.uprate.example.${one.id}`),
        papers: t(`app.uprate.examplePapers.${one.route ?? 'workshop'}`),
        conditions: t(
          `app.uprate.exampleConditions.${one.kind === 'airSprings' ? one.kind : (one.route ?? 'workshop')}`,
        ),
        currency: currency.value,
      })),
  );
  const quotes = computed(() => (workspace.document?.quotes ?? []).filter(({ rig }) => rig === view().rig.id));
  const all = computed((): readonly UpratePackage[] => [...quotes.value, ...examples.value]);
  /** Money of different kinds is not added up: what is priced otherwise is left out of the search. */
  const comparable = computed(() => all.value.filter((one) => one.currency === currency.value));

  const kg = (value: number) => written(displayMass(value, settings.massUnit, 'margin'), 0);
  /** kg over a limit, rounded up: what is a little too much is not nothing. */
  const excess = (value: number) => written(displayMass(value, settings.massUnit, 'load'), 0);
  const over = (value: number) => `${excess(value)} ${settings.massUnit}`;
  const figure = (value: number, limit?: LimitName) =>
    limit && forceLimits.includes(limit)
      ? `${written(value, 2)} kN`
      : `${written(displayMass(value, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
  const money = (value: number, of: string = currency.value) =>
    t('app.uprate.money', { amount: written(value, value < 100 ? 1 : 0), currency: of });
  const limitWord = (limit: LimitName) => say(message('check.limit', { limit: term(limit) }));
  return {
    examples,
    quotes,
    all,
    comparable,
    currency,
    kg,
    excess,
    over,
    figure,
    money,
    limitWord,
    unit: computed(() => settings.massUnit),
  };
}

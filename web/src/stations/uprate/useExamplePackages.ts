import { displayMass, examplePackages, type RigView, type UpratePackage } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '../../shared/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';

const currencies = { au: 'AUD', uk: 'GBP', eu: 'EUR' } as const;

/** The example packages in the words and the currency of the rig's region, and how masses and money are written here. */
export function useExamplePackages(view: () => RigView) {
  const { t } = useI18n();
  const settings = useSettings();
  const currency = computed(() => currencies[view().situation.words]);
  const packages = computed((): readonly UpratePackage[] =>
    examplePackages.map((one) => ({ ...one, name: t(`app.uprate.example.${one.id}`), currency: currency.value })),
  );
  const kg = (value: number) => written(displayMass(value, settings.massUnit, 'margin'), 0);
  const money = (value: number) =>
    t('app.uprate.money', { amount: written(value, value < 100 ? 1 : 0), currency: currency.value });
  return { packages, currency, kg, money, unit: computed(() => settings.massUnit) };
}

import { displayMass } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';

/** Masses of a weighing in the owner's unit: a figure, one with its sign, one with its ± of two standard deviations. */
export function useWeighedWords() {
  const { t } = useI18n();
  const settings = useSettings();
  const kg = (value: number, rounding: 'load' | 'nearest' = 'nearest') =>
    written(displayMass(value, settings.massUnit, rounding), 0);
  const signed = (value: number) => `${value > 0 ? '+' : value < 0 ? '−' : ''}${kg(Math.abs(value))}`;
  const plusMinus = (value: number, se: number) =>
    t('app.weigh.known', { load: kg(value), give: kg(2 * se, 'load'), unit: settings.massUnit });
  return { kg, signed, plusMinus, unit: () => settings.massUnit };
}

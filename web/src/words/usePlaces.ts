import type { Jurisdiction } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** A country, or a state of it, by its name. */
export function usePlaces(): { readonly placeName: (place: Jurisdiction) => string } {
  const { t } = useI18n();
  return {
    placeName: ({ country, state }) => (state ? t(`state.${state}`) : t(`country.${country}`)),
  };
}

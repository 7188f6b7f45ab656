import { english } from '@wagonomos/locales';
import { firstLanguage } from '@wagonomos/locales/languages';
import { createI18n } from 'vue-i18n';
import './plainMessages.ts';

export const i18n = createI18n({
  legacy: false,
  locale: firstLanguage,
  fallbackLocale: firstLanguage,
  messages: { en: english },
});

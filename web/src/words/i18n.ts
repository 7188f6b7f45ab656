import { english } from '@wagonomos/locales';
import { createI18n } from 'vue-i18n';
import './plainMessages.ts';

export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en: english } });

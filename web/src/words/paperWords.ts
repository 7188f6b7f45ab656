import { paperEnglish } from '@wagonomos/locales/paper';
import { i18n } from './i18n.ts';

/** The words of papers come with the station they are made at, and not with the first load. */
i18n.global.mergeLocaleMessage('en', paperEnglish);

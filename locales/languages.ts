/** The languages there are, by the key of their catalogues, with how their numbers and days are written. Another is its catalogues and a line here. */
export const languages = { en: 'en-GB' } as const;
export type Language = keyof typeof languages;

/** Spoken where nobody has chosen another. */
export const firstLanguage: Language = 'en';

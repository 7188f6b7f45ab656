import { firstLanguage, languages, type Language } from '@wagonomos/locales/languages';

/** How numbers and days are written in a language. */
interface InLanguage {
  /** A number with its thousands set apart and at most so many decimals. */
  readonly number: (value: number, digits: number) => string;
  /** A calendar day, ISO 8601. */
  readonly day: (iso: string, style: 'medium' | 'long') => string;
  /** A moment by the clock of whoever reads it. */
  readonly moment: (at: Date) => string;
}

function inLanguage(language: Language): InLanguage {
  const tag = languages[language];
  const numbers = new Map<number, Intl.NumberFormat>();
  const days = {
    medium: new Intl.DateTimeFormat(tag, { dateStyle: 'medium', timeZone: 'UTC' }),
    long: new Intl.DateTimeFormat(tag, { dateStyle: 'long', timeZone: 'UTC' }),
  };
  const moments = new Intl.DateTimeFormat(tag, { dateStyle: 'medium', timeStyle: 'short' });
  return {
    number: (value, digits) => {
      const format = numbers.get(digits) ?? new Intl.NumberFormat(tag, { maximumFractionDigits: digits });
      numbers.set(digits, format);
      return format.format(value).replace('-', '−');
    },
    day: (iso, style) => days[style].format(new Date(`${iso}T00:00:00Z`)),
    moment: (at) => moments.format(at),
  };
}

/** Screen, paper and terminal write in one language at a time. */
const spoken = inLanguage(firstLanguage);

/** A number with its thousands set apart and at most so many decimals. */
export const written = (value: number, digits: number): string => spoken.number(value, digits);

/** A calendar day, ISO 8601, as it is read out: "28 Nov 2026", long "28 November 2026". */
export const writtenDay = (iso: string, style: 'medium' | 'long' = 'medium'): string => spoken.day(iso, style);

/** Day and minute of a moment. */
export const writtenMoment = (at: number | string | Date): string => spoken.moment(new Date(at));

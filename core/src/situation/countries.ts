import { z } from 'zod';

/** Countries, and the part of one with law of its own, that have a rulebook; by their ISO 3166 codes. */
export const countries = ['AU', 'GB', 'GB-NIR', 'DE', 'FR', 'IT', 'ES', 'NL', 'AT', 'CH'] as const;
export type Country = (typeof countries)[number];
export const countryField = z.enum(countries);

/** Britain's two bodies of law. */
export const britishCountries = ['GB', 'GB-NIR'] as const satisfies readonly Country[];
/** Whether a country follows British law in general. */
export const isBritish = (country: Country): boolean => (britishCountries as readonly Country[]).includes(country);

/** Countries under the law of the European Union, and with Switzerland the continent. */
export const unionCountries = ['DE', 'FR', 'IT', 'ES', 'NL', 'AT'] as const satisfies readonly Country[];
export const continentCountries = [...unionCountries, 'CH'] as const;

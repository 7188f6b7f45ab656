import { z } from 'zod';

/** Countries, and the part of one with law of its own, that have a rulebook; by their ISO 3166 codes. */
export const countries = ['AU', 'GB', 'GB-NIR', 'DE', 'FR', 'IT', 'ES', 'NL', 'AT', 'CH'] as const;
export type Country = (typeof countries)[number];
export const countryField = z.enum(countries);

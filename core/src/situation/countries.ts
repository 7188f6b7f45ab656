import { z } from 'zod';

/** Countries, and the part of one with law of its own, that have a rulebook; by their ISO 3166 codes. */
export const lawfulCountries = ['AU', 'GB', 'GB-NIR', 'DE', 'FR', 'IT', 'ES', 'NL', 'AT', 'CH'] as const;
/** A place without a law of ours: plates and makers' limits are judged there, and nothing is called legal or not. */
export const platesAlone = 'plates';
export const countries = [...lawfulCountries, platesAlone] as const;
/** Who issues a licence that can be judged. */
export const issuerField = z.enum(lawfulCountries);
export type Country = (typeof countries)[number];
export const countryField = z.enum(countries);

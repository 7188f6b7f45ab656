import { z } from 'zod';

/** Countries that have a rulebook. */
export const countries = ['AU', 'GB', 'DE', 'FR', 'IT', 'ES', 'NL', 'AT', 'CH'] as const;
export type Country = (typeof countries)[number];
export const countryField = z.enum(countries);

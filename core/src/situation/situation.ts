import { z } from 'zod';
import { dateField, idField, listBounds, massField, nameField } from '../rig/fields.ts';
import { countryField, type Country } from './countries.ts';
import { licenceSchema } from './licence.ts';

export const australianStates = ['NSW', 'VIC', 'QLD', 'SA', 'WA', 'TAS', 'ACT', 'NT'] as const;
export type AustralianState = (typeof australianStates)[number];

export const regions = ['au', 'uk', 'eu', 'na'] as const;
export type Region = (typeof regions)[number];

export const jurisdictionSchema = z.strictObject({
  country: countryField,
  state: z.enum(australianStates).optional(),
});
export type Jurisdiction = z.infer<typeof jurisdictionSchema>;

/** Schools of ball load: how much of the laden trailer should rest on the coupling. Guidance, not law. */
export const ballSchools = ['au-8-12', 'au-9-11', 'au-8-10', 'uk-5-7', 'eu-4-7', 'na-10-15'] as const;
export type BallSchool = (typeof ballSchools)[number];

/** Who is where: where each body is registered, where the rig travels, whose words are spoken. */
export const situationSchema = z.strictObject({
  id: idField,
  name: nameField,
  vehicle: jurisdictionSchema,
  trailer: jurisdictionSchema,
  travel: jurisdictionSchema,
  /** Further places the journey leads through. */
  through: z.array(jurisdictionSchema).max(listBounds.through).optional(),
  /** The day the rules are asked for: tyres and drivers grow older. Left out: the day the question is put. */
  date: dateField.optional(),
  words: z.enum(regions),
  ballSchool: z.enum(ballSchools),
  /** Who drives, as far as law asks; left out where nobody has said. */
  licence: licenceSchema.optional(),
  /** Others who take the wheel, by name, with what they hold. */
  drivers: z
    .array(z.strictObject({ id: idField, name: nameField, licence: licenceSchema }))
    .max(listBounds.drivers)
    .optional(),
  /** kg the owner wants to keep free under every limit. */
  reserve: massField.optional(),
});
export type Situation = z.infer<typeof situationSchema>;

export type Driver = NonNullable<Situation['drivers']>[number];

const regionByCountry: Readonly<Record<Country, Region>> = {
  AU: 'au',
  GB: 'uk',
  'GB-NIR': 'uk',
  DE: 'eu',
  FR: 'eu',
  IT: 'eu',
  ES: 'eu',
  NL: 'eu',
  AT: 'eu',
  CH: 'eu',
  plates: 'na',
};

/** Where the rig is now and where the journey leads, each place once. */
export const journeyOf = ({ travel, through = [] }: Situation): readonly Jurisdiction[] =>
  [travel, ...through].filter((place, at, all) => all.findIndex((other) => samePlace(other, place)) === at);

/** Whether two places are one: the same country, and in Australia the same state. */
export const samePlace = (a: Jurisdiction, b: Jurisdiction): boolean => a.country === b.country && a.state === b.state;

/** Which region's rules and words a country has. */
export const regionOf = (country: Country): Region => regionByCountry[country];

/** The ball-load school taught where a rig is at home. */
export const usualSchool: Readonly<Record<Region, BallSchool>> = {
  au: 'au-8-12',
  uk: 'uk-5-7',
  eu: 'eu-4-7',
  na: 'na-10-15',
};

/** A situation with everything in one country. */
export function situationIn(id: string, name: string, country: Country): Situation {
  const words = regionOf(country);
  const here = { country };
  return { id, name, vehicle: here, trailer: here, travel: here, words, ballSchool: usualSchool[words] };
}

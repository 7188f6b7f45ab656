import type { Confidence } from '../checks/check.ts';
import { britishCountries, continentCountries, type Country } from '../situation/countries.ts';

/** When something is worth saying of a change of plates. */
export type SaidWhen = 'always' | 'raised' | 'lowered' | 'aboveCar' | 'belowCar' | 'towing';

/** What goes with a new plate beside the marks it passes. The sentence is in the catalogue. */
export interface UprateFacts {
  readonly id: string;
  readonly topic: 'insurance' | 'resale' | 'reversal' | 'towing' | 'mass' | 'abroad';
  readonly when: SaidWhen;
  /** Of the place where the changed body is registered. */
  readonly countries: readonly Country[];
  readonly source: string;
  readonly confidence: Confidence;
}

const au = ['AU'] as const;
const uk = britishCountries;
const europe = continentCountries;
const all = [...au, ...uk, ...europe] as const;

type Row = readonly [
  id: string,
  topic: UprateFacts['topic'],
  when: SaidWhen,
  countries: readonly Country[],
  source: string,
  confidence: Confidence,
];

const rows: readonly Row[] = [
  ['emptyStays', 'mass', 'lowered', all, 'statics', 'high'],
  ['auNoMoreTowing', 'towing', 'towing', au, 'auCertification', 'high'],
  ['ukNoMoreTowing', 'towing', 'towing', uk, 'upratePractice', 'high'],
  ['euNoMoreTowing', 'towing', 'towing', europe, 'upratePractice', 'medium'],
  ['auInsurer', 'insurance', 'always', au, 'auInsurance', 'medium'],
  ['ukInsurer', 'insurance', 'always', uk, 'upratePractice', 'high'],
  ['euInsurer', 'insurance', 'always', europe, 'upratePractice', 'low'],
  ['ukBuyers', 'resale', 'aboveCar', uk, 'ukLicence', 'medium'],
  ['euBuyers', 'resale', 'aboveCar', europe, 'euLicence', 'medium'],
  ['moreBuyers', 'resale', 'belowCar', [...uk, ...europe], 'upratePractice', 'low'],
  ['auRecords', 'resale', 'raised', au, 'auCertification', 'medium'],
  ['itBack', 'reversal', 'always', ['IT'], 'itRoadCode', 'medium'],
  ['deBack', 'reversal', 'always', ['DE'], 'deMasses', 'medium'],
  ['ukBack', 'reversal', 'always', uk, 'ukRegistration', 'medium'],
  ['back', 'reversal', 'always', ['AU', 'FR', 'ES', 'NL', 'AT', 'CH'], 'upratePractice', 'low'],
  ['deAbroad', 'abroad', 'always', ['DE'], 'deMasses', 'medium'],
  ['itAbroad', 'abroad', 'always', ['IT'], 'itRoadCode', 'medium'],
  ['auStates', 'abroad', 'always', au, 'auCertification', 'medium'],
];

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprateFacts: readonly UprateFacts[] = rows.map(([id, topic, when, countries, source, confidence]) => ({
  id,
  topic,
  when,
  countries,
  source,
  confidence,
}));

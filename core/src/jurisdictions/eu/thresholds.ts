import type { Threshold } from '../law.ts';

/** Where the Union's licence directive holds. */
export const unionThresholds: readonly Threshold[] = [
  {
    id: 'euSum96',
    topic: 'licence',
    of: 'sumOfPlates',
    at: 4250,
    by: 'licence',
    source: 'euLicence',
    confidence: 'high',
  },
];

/** Of the whole continent, Switzerland included. From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  {
    id: 'euLicence',
    topic: 'licence',
    of: 'vehicleMax',
    at: 3500,
    by: 'licence',
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euLicenceC1',
    topic: 'licence',
    of: 'vehicleMax',
    at: 7500,
    by: 'licence',
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euSum',
    topic: 'licence',
    of: 'sumOfPlates',
    at: 3500,
    by: 'licence',
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euSumC1E',
    topic: 'licence',
    of: 'sumOfPlates',
    at: 12000,
    by: 'licence',
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euBrakes',
    topic: 'brakes',
    of: 'trailerAxlesMax',
    at: 750,
    by: 'trailer',
    source: 'euBrakes',
    confidence: 'high',
  },
  {
    id: 'euTrailer',
    topic: 'brakes',
    of: 'trailerMax',
    at: 3500,
    by: 'trailer',
    source: 'euBrakes',
    confidence: 'high',
  },
  {
    id: 'euSpeed',
    topic: 'speed',
    of: 'vehicleMax',
    at: 3500,
    by: 'travel',
    source: 'euNationalLaw',
    confidence: 'high',
  },
];

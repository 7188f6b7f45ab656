import type { Threshold } from '../law.ts';

/** Of Northern Ireland alone. From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  {
    id: 'niSum',
    topic: 'licence',
    of: 'sumOfPlates',
    at: 3500,
    by: 'licence',
    source: 'niLicence',
    confidence: 'medium',
  },
];

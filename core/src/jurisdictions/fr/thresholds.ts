import type { Threshold } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  { id: 'frSpeed', topic: 'speed', of: 'sumOfPlates', at: 3500, by: 'travel', source: 'frRoadCode', confidence: 'low' },
  {
    id: 'frInspection',
    topic: 'tests',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    source: 'frRoadCode',
    confidence: 'medium',
  },
  { id: 'frToll', topic: 'tolls', of: 'vehicleMax', at: 3500, by: 'travel', source: 'frTolls', confidence: 'high' },
  {
    id: 'frRegistration',
    topic: 'rules',
    of: 'trailerMax',
    at: 500,
    by: 'trailer',
    source: 'frRoadCode',
    confidence: 'medium',
  },
];

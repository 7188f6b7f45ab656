import type { Threshold } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  {
    id: 'deBands',
    topic: 'fines',
    of: 'trailerMax',
    at: 2000,
    by: 'travel',
    source: 'dePenalties',
    confidence: 'medium',
  },
  {
    id: 'deHeavySpeed',
    topic: 'speed',
    of: 'vehicleMax',
    at: 7500,
    by: 'travel',
    source: 'deTraffic',
    confidence: 'medium',
  },
  {
    id: 'deInspection',
    topic: 'tests',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    source: 'deMasses',
    confidence: 'medium',
  },
  { id: 'deSign', topic: 'rules', of: 'vehicleMax', at: 3500, by: 'travel', source: 'deTraffic', confidence: 'high' },
];

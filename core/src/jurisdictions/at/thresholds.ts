import type { Threshold } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  {
    id: 'atSpeed',
    topic: 'speed',
    of: 'sumOfPlates',
    at: 3500,
    by: 'travel',
    source: 'atMotorLaw',
    confidence: 'medium',
  },
  {
    id: 'atInspection',
    topic: 'tests',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    source: 'atMotorLaw',
    confidence: 'medium',
  },
  {
    id: 'atToll',
    topic: 'tolls',
    of: 'vehicleTechnicalMax',
    at: 3500,
    by: 'travel',
    source: 'atTolls',
    confidence: 'medium',
  },
];

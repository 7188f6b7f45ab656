import type { Threshold } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly Threshold[] = [
  { id: 'chToll', topic: 'tolls', of: 'vehicleMax', at: 3500, by: 'travel', source: 'chTolls', confidence: 'medium' },
];

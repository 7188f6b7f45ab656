import type { Mark } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const marks: readonly Mark[] = [
  { id: 'chToll', topic: 'tolls', of: 'vehicleMax', at: 3500, by: 'travel', source: 'chTolls', confidence: 'medium' },
];

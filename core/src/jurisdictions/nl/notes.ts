import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'nlTolls', by: 'travel', when: { builds: ['motorhome'] }, source: 'nlVehicleRules', confidence: 'low' },
  { id: 'fixedEye', by: 'travel', when: { towing: true }, source: 'nlVehicleRules', confidence: 'medium' },
];

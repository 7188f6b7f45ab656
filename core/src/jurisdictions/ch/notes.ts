import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'chCharge', by: 'travel', when: { vehicleAbove: 3500 }, source: 'chTolls', confidence: 'medium' },
  { id: 'fixedEye', by: 'travel', when: { towing: true }, source: 'chTrafficLaw', confidence: 'medium' },
];

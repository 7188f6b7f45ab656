import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'chLanes', by: 'travel', when: { towing: true }, source: 'chTrafficLaw', confidence: 'low', harm: 'fine' },
  { id: 'chCharge', harm: 'fine', by: 'travel', when: { vehicleAbove: 3500 }, source: 'chTolls', confidence: 'medium' },
  { id: 'fixedEye', harm: 'fine', by: 'travel', when: { towing: true }, source: 'chTrafficLaw', confidence: 'medium' },
];

import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'atToll', by: 'travel', when: { technicalAbove: 3500 }, source: 'atTolls', confidence: 'medium' },
  { id: 'fixedEye', by: 'travel', when: { towing: true }, source: 'atMotorLaw', confidence: 'medium' },
];

import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'atWinter', by: 'travel', when: { winter: true }, source: 'atMotorLaw', confidence: 'high', harm: 'fine' },
  { id: 'atToll', harm: 'fine', by: 'travel', when: { technicalAbove: 3500 }, source: 'atTolls', confidence: 'medium' },
  { id: 'fixedEye', harm: 'fine', by: 'travel', when: { towing: true }, source: 'atMotorLaw', confidence: 'medium' },
];

import type { Note } from '../law.ts';

/** Of Northern Ireland alone. */
export const notes: readonly Note[] = [
  { id: 'niNoviceSpeeds', by: 'travel', when: { novice: true }, source: 'ukSpeeds', confidence: 'low', harm: 'fine' },
  { id: 'niTest', by: 'vehicle', when: { builds: ['motorhome'] }, source: 'ukRegistration', confidence: 'low' },
];

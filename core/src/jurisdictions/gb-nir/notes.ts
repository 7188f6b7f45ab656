import type { Note } from '../law.ts';

/** Of Northern Ireland alone. */
export const notes: readonly Note[] = [
  { id: 'niTest', by: 'vehicle', when: { builds: ['motorhome'] }, source: 'ukRegistration', confidence: 'low' },
];

import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'itPanel', by: 'travel', when: always, source: 'projectingLoads', confidence: 'medium' },
  { id: 'esTolls', by: 'travel', when: always, source: 'esVehicleRules', confidence: 'low' },
];

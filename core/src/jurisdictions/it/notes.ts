import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'itLanes', by: 'travel', when: { longerThan: 7 }, source: 'itRoadCode', confidence: 'medium' },
  { id: 'itPanel', by: 'travel', when: always, source: 'projectingLoads', confidence: 'medium' },
  { id: 'itAppendix', by: 'travel', when: { towing: true }, source: 'itRoadCode', confidence: 'medium' },
];

import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  {
    id: 'itInspection',
    by: 'vehicle',
    when: { vehicleAbove: 3500 },
    source: 'itRoadCode',
    confidence: 'medium',
    harm: 'know',
  },
  {
    id: 'itNoviceSpeeds',
    by: 'travel',
    when: { novice: true },
    source: 'itRoadCode',
    confidence: 'high',
    harm: 'fine',
  },
  { id: 'itWinter', by: 'travel', when: { winter: true }, source: 'itRoadCode', confidence: 'low', harm: 'fine' },
  { id: 'itLanes', harm: 'fine', by: 'travel', when: { longerThan: 7 }, source: 'itRoadCode', confidence: 'medium' },
  { id: 'itPanel', harm: 'fine', by: 'travel', when: always, source: 'projectingLoads', confidence: 'medium' },
  { id: 'itAppendix', by: 'travel', when: { towing: true }, source: 'itRoadCode', confidence: 'medium' },
];

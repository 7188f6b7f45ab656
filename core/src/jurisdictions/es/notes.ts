import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  {
    id: 'esLanes',
    by: 'travel',
    when: { longerThan: 7 },
    source: 'esVehicleRules',
    confidence: 'medium',
    harm: 'fine',
  },
  { id: 'esPanel', by: 'travel', when: { longerThan: 12 }, source: 'esVehicleRules', confidence: 'high', harm: 'fine' },
  {
    id: 'esTrailerPapers',
    by: 'travel',
    when: { towing: true, trailerAbove: 750 },
    source: 'esVehicleRules',
    confidence: 'medium',
    harm: 'fine',
  },
  { id: 'itPanel', harm: 'fine', by: 'travel', when: always, source: 'projectingLoads', confidence: 'medium' },
  { id: 'esTolls', by: 'travel', when: always, source: 'esVehicleRules', confidence: 'low' },
];

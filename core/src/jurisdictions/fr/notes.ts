import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'frTolls', by: 'travel', when: { builds: ['motorhome'] }, source: 'frTolls', confidence: 'high' },
  { id: 'frStickers', by: 'travel', when: { vehicleAbove: 3500 }, source: 'frRoadCode', confidence: 'medium' },
  {
    id: 'frOvertaking',
    by: 'travel',
    when: { any: [{ vehicleAbove: 3500 }, { towing: true, togetherAbove: 3500 }, { longerThan: 7 }] },
    source: 'frRoadCode',
    confidence: 'medium',
  },
  {
    id: 'frRegistration',
    by: 'travel',
    when: { towing: true, trailerAbove: 500 },
    source: 'frRoadCode',
    confidence: 'medium',
  },
];

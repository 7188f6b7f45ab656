import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  {
    id: 'frFollowing',
    by: 'travel',
    when: { any: [{ longerThan: 7 }, { towing: true, togetherAbove: 3500 }, { vehicleAbove: 3500 }] },
    source: 'frRoadCode',
    confidence: 'medium',
    harm: 'fine',
  },
  {
    id: 'frNoviceSpeeds',
    by: 'travel',
    when: { novice: true },
    source: 'frRoadCode',
    confidence: 'high',
    harm: 'fine',
  },
  { id: 'frWinter', by: 'travel', when: { winter: true }, source: 'frRoadCode', confidence: 'low', harm: 'fine' },
  { id: 'frTolls', by: 'travel', when: { builds: ['motorhome'] }, source: 'frTolls', confidence: 'high' },
  {
    id: 'frStickers',
    harm: 'fine',
    by: 'travel',
    when: { vehicleAbove: 3500 },
    source: 'frRoadCode',
    confidence: 'medium',
  },
  {
    id: 'frOvertaking',
    harm: 'fine',
    by: 'travel',
    when: { any: [{ vehicleAbove: 3500 }, { towing: true, togetherAbove: 3500 }, { longerThan: 7 }] },
    source: 'frRoadCode',
    confidence: 'medium',
  },
  {
    id: 'frRegistration',
    harm: 'fine',
    by: 'travel',
    when: { towing: true, trailerAbove: 500 },
    source: 'frRoadCode',
    confidence: 'medium',
  },
];

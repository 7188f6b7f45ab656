import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'nlLanes', by: 'travel', when: { longerThan: 7 }, source: 'nlVehicleRules', confidence: 'high', harm: 'fine' },
  { id: 'nlTolls', by: 'travel', when: { builds: ['motorhome'] }, source: 'nlVehicleRules', confidence: 'low' },
  {
    id: 'fixedEye',
    harm: 'fine',
    by: 'travel',
    when: { towing: true },
    source: 'nlVehicleRules',
    confidence: 'medium',
  },
];

import type { Note } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  {
    id: 'deLanes',
    by: 'travel',
    when: { towing: true, longerThan: 7 },
    source: 'deTraffic',
    confidence: 'medium',
    harm: 'fine',
  },
  { id: 'deWinter', by: 'travel', when: { winter: true }, source: 'deTraffic', confidence: 'medium', harm: 'fine' },
  { id: 'deSigns', harm: 'fine', by: 'travel', when: { vehicleAbove: 3500 }, source: 'deTraffic', confidence: 'high' },
  { id: 'deTest', by: 'vehicle', when: { builds: ['motorhome'] }, source: 'deMasses', confidence: 'medium' },
];

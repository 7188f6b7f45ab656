import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** Much alike in both of Britain's bodies of law. From general knowledge, each with its confidence; not yet checked against the texts. */
export const sharedNotes: readonly Note[] = [
  {
    id: 'ukTowBarApproval',
    by: 'vehicle',
    when: { towing: true, builds: ['car', 'wagon'] },
    source: 'ukConstructionAndUse',
    confidence: 'high',
    harm: 'fine',
  },
  { id: 'ukNoTolerance', by: 'travel', when: always, source: 'ukTraffic', confidence: 'high' },
  { id: 'ukRightLane', harm: 'fine', by: 'travel', when: { towing: true }, source: 'ukSpeeds', confidence: 'high' },
  {
    id: 'ukNobodyInside',
    harm: 'hurt',
    by: 'travel',
    when: { towing: true },
    source: 'ukConstructionAndUse',
    confidence: 'medium',
  },
  {
    id: 'ukTrailerLength',
    harm: 'fine',
    by: 'travel',
    when: { towing: true, vehicleMost: 3500 },
    source: 'ukConstructionAndUse',
    confidence: 'high',
  },
  {
    id: 'ukCabHeight',
    harm: 'fine',
    by: 'travel',
    when: { builds: ['motorhome'] },
    source: 'ukConstructionAndUse',
    confidence: 'medium',
  },
  {
    id: 'ukTowedCar',
    harm: 'fine',
    by: 'travel',
    when: { builds: ['motorhome'] },
    source: 'ukConstructionAndUse',
    confidence: 'medium',
  },
  { id: 'ukTaxClass', by: 'vehicle', when: { vehicleAbove: 3500 }, source: 'ukRegistration', confidence: 'high' },
];

/** Of Great Britain alone. */
export const notes: readonly Note[] = [
  { id: 'ukTest', by: 'vehicle', when: { builds: ['motorhome'] }, source: 'ukRegistration', confidence: 'high' },
  { id: 'ukLondon', by: 'travel', when: { builds: ['motorhome'] }, source: 'ukZones', confidence: 'medium' },
];

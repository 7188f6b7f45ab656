import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** Of the whole continent, Switzerland included. From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  {
    id: 'euNobodyInside',
    by: 'travel',
    when: { towing: true },
    source: 'euNationalLaw',
    confidence: 'medium',
    harm: 'hurt',
  },
  {
    id: 'euStabiliserBall',
    by: 'travel',
    when: { stabiliser: true },
    source: 'couplingApproval',
    confidence: 'medium',
    harm: 'hurt',
  },
  { id: 'euPlates', by: 'travel', when: always, source: 'euNationalLaw', confidence: 'high' },
  {
    id: 'euTowedCar',
    harm: 'fine',
    by: 'travel',
    when: { builds: ['motorhome'] },
    source: 'euNationalLaw',
    confidence: 'low',
  },
];

/**
 * Where the Union's licence directive holds. From 3,500 kg on, since that is where an uprate is planned from; the plate of today
 * decides nothing about a day years ahead.
 */
export const unionNotes: readonly Note[] = [
  {
    id: 'euLicenceToCome',
    by: 'vehicle',
    when: { builds: ['motorhome'], vehicleLeast: 3500, vehicleMost: 4250 },
    source: 'euLicenceToCome',
    confidence: 'low',
    from: '2029-11-26',
    expected: true,
  },
];

import type { LicenceLaw } from '../../rules/licenceLaw.ts';

/** By the vehicle alone; class C covers light towing. National scheme of classes. */
export const licences: LicenceLaw = {
  stages: ['learner', 'p1', 'p2'],
  classes: ['auC', 'auLR', 'auMR', 'auHR'],
  rows: [
    { holds: 'auC', vehicleMost: 4500, confidence: 'high' },
    { holds: 'auLR', vehicleMost: 8000, confidence: 'high' },
    // What LR covers, whatever its axles; heavier ones with two.
    { holds: 'auMR', vehicleMost: 8000, confidence: 'high' },
    { holds: 'auMR', axlesMost: 2, confidence: 'high' },
    { holds: 'auHR', confidence: 'high' },
    // No class of ours, held by somebody who moved: it covers what it says of a car with a trailer.
    { holds: 'CE', confidence: 'high' },
  ],
};

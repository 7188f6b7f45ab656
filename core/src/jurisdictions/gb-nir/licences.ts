import { licenceCodes } from '../../situation/licence.ts';
import { old, sharedRows } from '../gb/licences.ts';
import type { LicenceLaw } from '../../rules/licenceLaw.ts';

/** Northern Ireland: B as it was in Great Britain before December 2021. The sum of the plates counts only with a trailer above 750 kg. */
export const licences: LicenceLaw = {
  codes: licenceCodes,
  classes: ['B', 'BE', 'C1', 'C1E', 'C', 'CE'],
  rows: [
    { holds: 'B', vehicleMost: 3500, trailerMost: 750, confidence: 'high' },
    { holds: 'B', vehicleMost: 3500, togetherMost: 3500, confidence: 'high' },
    { holds: 'B', vehicleMost: 4250, trailerMost: 750, zeroEmission: true, onlyAtHome: true, confidence: 'low' },
    ...sharedRows,
  ],
  ...old,
};

import { unionLicences } from '../eu/licences.ts';
import type { LicenceLaw } from '../../rules/licenceLaw.ts';

/**
 * Germany: the Union's classes, and class 3 of before 1999, which is said to cover cars with trailers, 7,500 kg alone, and with a
 * trailer on one axle about 12,000 kg together; its widest part lapses at 50 unless renewed. Medium confidence: to be looked up.
 */
export const licences: LicenceLaw = {
  ...unionLicences,
  classes: [...unionLicences.classes, 'de3'],
  rows: [
    ...unionLicences.rows,
    { holds: 'de3', vehicleMost: 3500, trailerMost: 750, confidence: 'high' },
    { holds: 'de3', vehicleMost: 3500, togetherMost: 3500, confidence: 'high' },
    { holds: 'de3', vehicleMost: 7500, alone: true, confidence: 'high' },
    { holds: 'de3', vehicleMost: 7500, confidence: 'medium' },
  ],
};

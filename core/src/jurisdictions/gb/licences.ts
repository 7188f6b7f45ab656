import { licenceCodes } from '../../situation/licence.ts';
import type { LicenceLaw, LicenceRow } from '../../rules/licenceLaw.ts';

/** Much alike in both of Britain's bodies of law. */
export const sharedRows: readonly LicenceRow[] = [
  { holds: 'BE', vehicleMost: 3500, trailerMost: 3500, confidence: 'high' },
  // Taken before 2013 it is said to have no ceiling on the trailer.
  { holds: 'BE', vehicleMost: 3500, tested: ['before1997', '1997to2012'], confidence: 'low' },
  { holds: 'C1', vehicleMost: 7500, trailerMost: 750, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, trailerMost: 750, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, togetherMost: 8250, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, togetherMost: 12_000, unlimited: true, confidence: 'high' },
  { holds: 'C', trailerMost: 750, confidence: 'high' },
  { holds: 'CE', confidence: 'high' },
];

/**
 * What a car test of before 1997 brought along: C1 and C1E of it end at 70 unless renewed with a medical report; B and BE go on. A
 * C1 of one's own test is issued for five years since 2013, from 45 with a medical report, and every year from 65.
 */
export const old: Pick<LicenceLaw, 'inherited' | 'renewals'> = {
  inherited: { tested: 'before1997', classes: ['BE', 'C1', 'C1E'], endsAt: 70, ends: ['C1', 'C1E'] },
  renewals: [{ classes: ['C1', 'C1E'], says: 'renewedBritish' }],
};

/** Great Britain: since December 2021 B covers a trailer of 3,500 kg; since June 2025 a zero-emission vehicle to 4,250 kg, at home. */
export const licences: LicenceLaw = {
  codes: licenceCodes,
  classes: ['B', 'BE', 'C1', 'C1E', 'C', 'CE'],
  rows: [
    { holds: 'B', vehicleMost: 3500, trailerMost: 3500, from: '2021-12-16', confidence: 'high' },
    { holds: 'B', vehicleMost: 3500, trailerMost: 750, until: '2021-12-16', confidence: 'high' },
    { holds: 'B', vehicleMost: 3500, togetherMost: 3500, until: '2021-12-16', confidence: 'high' },
    {
      holds: 'B',
      vehicleMost: 4250,
      zeroEmission: true,
      alone: true,
      onlyAtHome: true,
      from: '2025-06-10',
      confidence: 'high',
    },
    {
      holds: 'B',
      vehicleMost: 4250,
      togetherMost: 7000,
      zeroEmission: true,
      onlyAtHome: true,
      from: '2025-06-10',
      confidence: 'medium',
    },
    ...sharedRows,
  ],
  ...old,
};

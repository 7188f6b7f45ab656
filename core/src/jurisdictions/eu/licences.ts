import type { LicenceLaw, LicenceRow } from '../../rules/licenceLaw.ts';

/** Alike on the whole continent, Switzerland included. */
const alike: readonly LicenceRow[] = [
  { holds: 'B', vehicleMost: 3500, trailerMost: 750, confidence: 'high' },
  { holds: 'B', vehicleMost: 3500, togetherMost: 3500, confidence: 'high' },
  { holds: 'BE', vehicleMost: 3500, trailerMost: 3500, confidence: 'high' },
  // Taken before 2013 it is said to have no ceiling on the trailer.
  { holds: 'BE', vehicleMost: 3500, tested: ['before1997', '1997to2012'], confidence: 'low' },
  { holds: 'C1', vehicleMost: 7500, trailerMost: 750, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, trailerMost: 750, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, togetherMost: 12_000, unlimited: true, confidence: 'high' },
  { holds: 'C1E', vehicleMost: 7500, togetherMost: 8250, confidence: 'high' },
  { holds: 'C', trailerMost: 750, confidence: 'high' },
  { holds: 'CE', confidence: 'high' },
];

/** C1 is issued for five years at most; a national class of old may cover more than it seems to. */
const renewals = [{ classes: ['C1', 'C1E'], says: 'renewedEurope' }] as const;

/** Directive 2006/126/EC, Article 4; and what the one of 2025 is to open, once it is national law. */
export const unionLicences: LicenceLaw = {
  codes: ['79'],
  classes: ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE'],
  rows: [
    ...alike,
    { holds: 'B96', vehicleMost: 3500, trailerMost: 750, confidence: 'high' },
    { holds: 'B96', vehicleMost: 3500, togetherMost: 4250, confidence: 'high' },
    {
      holds: 'B',
      vehicleMost: 4250,
      alone: true,
      motorCaravan: true,
      from: '2029-11-26',
      expected: true,
      confidence: 'low',
    },
    {
      holds: 'B96',
      vehicleMost: 4250,
      alone: true,
      motorCaravan: true,
      from: '2029-11-26',
      expected: true,
      confidence: 'low',
    },
    {
      holds: 'BE',
      vehicleMost: 4250,
      alone: true,
      motorCaravan: true,
      from: '2029-11-26',
      expected: true,
      confidence: 'low',
    },
  ],
  renewals,
};

/** Of Switzerland only the car by itself, and with what B allows behind it, is known as well as in the Union. */
const swissKnown = ({ holds }: LicenceRow): boolean => holds === 'B';

/** Not of the Union: no code 96, as far as known. */
export const swissLicences: LicenceLaw = {
  codes: ['79'],
  classes: ['B', 'BE', 'C1', 'C1E', 'C', 'CE'],
  rows: [
    ...alike.map((row) => ({ ...row, ...(swissKnown(row) ? {} : { confidence: 'low' as const }) })),
    { holds: 'B96', vehicleMost: 3500, togetherMost: 4250, confidence: 'low' },
  ],
  renewals: [{ classes: ['C1', 'C1E'], says: 'checkedSwiss' }],
};

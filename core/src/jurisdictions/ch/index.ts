import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { thresholds as continental } from '../eu/thresholds.ts';
import { notes as everywhere } from '../eu/notes.ts';
import { rules as european } from '../eu/rules.ts';
import { thresholds } from './thresholds.ts';
import { notes } from './notes.ts';
import { swissLicences } from '../eu/licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { uprating } from '../eu/uprating.ts';

/** Switzerland: not of the Union, much alike. */
export const switzerland: Law = {
  place: 'CH',
  rules: [common, european, rules],
  thresholds: [...continental, ...thresholds],
  notes: [...mirrorsNote(european), ...everywhere, ...notes],
  speeds,
  sanctions,
  licences: swissLicences,
  uprating,
};

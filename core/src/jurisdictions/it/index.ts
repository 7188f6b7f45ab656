import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { thresholds as continental, unionThresholds } from '../eu/thresholds.ts';
import { notes as everywhere, unionNotes } from '../eu/notes.ts';
import { rules as european } from '../eu/rules.ts';
import { notes } from './notes.ts';
import { unionLicences } from '../eu/licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { uprating } from './uprating.ts';

/** Italy. */
export const italy: Law = {
  place: 'IT',
  rules: [common, european, rules],
  thresholds: [...continental, ...unionThresholds],
  notes: [...mirrorsNote(european), ...everywhere, ...unionNotes, ...notes],
  speeds,
  sanctions,
  licences: unionLicences,
  uprating,
};

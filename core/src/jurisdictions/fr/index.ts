import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { thresholds as continental, unionThresholds } from '../eu/thresholds.ts';
import { notes as everywhere, unionNotes } from '../eu/notes.ts';
import { rules as european } from '../eu/rules.ts';
import { thresholds } from './thresholds.ts';
import { notes } from './notes.ts';
import { unionLicences } from '../eu/licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { uprating } from './uprating.ts';

/** France. */
export const france: Law = {
  place: 'FR',
  rules: [common, european, rules],
  thresholds: [...continental, ...unionThresholds, ...thresholds],
  notes: [...mirrorsNote(rules), ...everywhere, ...unionNotes, ...notes],
  speeds,
  sanctions,
  licences: unionLicences,
  uprating,
};

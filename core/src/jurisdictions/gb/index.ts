import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { thresholds, sharedThresholds } from './thresholds.ts';
import { notes, sharedNotes } from './notes.ts';
import { licences } from './licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { uprating } from './uprating.ts';

/** Great Britain. */
export const greatBritain: Law = {
  place: 'GB',
  rules: [common, rules],
  thresholds: [...sharedThresholds, ...thresholds],
  notes: [...mirrorsNote(rules), ...sharedNotes, ...notes],
  speeds,
  sanctions,
  licences,
  uprating,
};

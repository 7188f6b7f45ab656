import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { sharedThresholds } from '../gb/thresholds.ts';
import { sharedNotes } from '../gb/notes.ts';
import { rules as british } from '../gb/rules.ts';
import { thresholds } from './thresholds.ts';
import { notes } from './notes.ts';
import { licences } from './licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { uprating } from './uprating.ts';

/** Northern Ireland: usually as in Great Britain, one level less sure. */
export const northernIreland: Law = {
  place: 'GB-NIR',
  rules: [common, british, rules],
  thresholds: [...sharedThresholds, ...thresholds],
  notes: [...mirrorsNote(rules), ...sharedNotes, ...notes],
  speeds,
  sanctions,
  licences,
  uprating,
};

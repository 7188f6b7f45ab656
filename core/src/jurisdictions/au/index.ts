import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { thresholds } from './thresholds.ts';
import { notes } from './notes.ts';
import { licences } from './licences.ts';
import { rules } from './rules.ts';
import { sanctions } from './sanctions.ts';
import { speeds } from './speeds.ts';
import { states } from './states.ts';
import { uprating } from './uprating.ts';

/** Australia and its states. */
export const australia: Law = {
  place: 'AU',
  rules: [common, rules],
  states,
  thresholds,
  notes: [...mirrorsNote(rules), ...notes],
  speeds,
  sanctions,
  licences,
  uprating,
};

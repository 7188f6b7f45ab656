import { rules as common } from '../common/rules.ts';
import { mirrorsNote } from '../common/notes.ts';
import type { Law } from '../law.ts';
import { sharedMarks } from '../gb/marks.ts';
import { sharedNotes } from '../gb/notes.ts';
import { rules as british } from '../gb/rules.ts';
import { marks } from './marks.ts';
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
  marks: [...sharedMarks, ...marks],
  notes: [...mirrorsNote(rules), ...sharedNotes, ...notes],
  speeds,
  sanctions,
  licences,
  uprating,
};

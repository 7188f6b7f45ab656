import type { PaperAsk } from './ask.ts';
import { dossier } from './kinds/dossier.ts';
import { loadingCard } from './kinds/loadingCard.ts';
import { caseFile, request } from './kinds/request.ts';
import { roadsidePage } from './kinds/roadside.ts';
import { weighingRecord } from './kinds/weighingRecord.ts';
import type { Paper } from './print/paper.ts';

/** Papers that can be made of a rig. */
export const paperKinds = ['card', 'halfCard', 'roadside', 'weighing', 'request', 'case', 'dossier'] as const;
export type PaperKind = (typeof paperKinds)[number];

/**
 * A paper of a rig, ready to be printed.
 * @returns null where there is nothing to write on it: no case
 */
export function makePaper(kind: PaperKind, ask: PaperAsk): Paper | null {
  const latest = ask.cases.at(-1);
  switch (kind) {
    case 'card':
      return loadingCard(ask, false);
    case 'halfCard':
      return loadingCard(ask, true);
    case 'roadside':
      return roadsidePage(ask);
    case 'weighing':
      return weighingRecord(ask);
    case 'request':
      return request(ask, latest);
    case 'case':
      return latest ? caseFile(ask, latest) : null;
    case 'dossier':
      return dossier(ask);
  }
}

import type { Workspace } from '@wagonomos/core';
import { reading, type CheckEdit } from '../storage/reader.ts';

/** A step of the history: the document before it, and the key of the words for what was done. */
export interface Entry {
  readonly document: Workspace;
  readonly label: string;
}

/** The history as it is kept. Documents share what they have in common, in the store too. */
export interface KeptHistory {
  readonly present: Workspace;
  readonly past: readonly Entry[];
  readonly future: readonly Entry[];
}

/** Steps that outlive a reload. */
const keptSteps = 50;

export const toKeep = (present: Workspace, past: readonly Entry[], future: readonly Entry[]): KeptHistory => ({
  present,
  past: past.slice(-keptSteps),
  future: future.slice(-keptSteps),
});

/**
 * The history behind a document, out of what was kept. It may lag behind the document by what was done just before a hard end:
 * that is one step then.
 * @returns nothing where what was kept is no history, or one of another version
 */
export async function recalled(raw: unknown, document: Workspace): Promise<KeptHistory> {
  const none: KeptHistory = { present: document, past: [], future: [] };
  if (!isHistory(raw)) return none;
  const { checkEdit } = await reading();
  const { present, past, future } = raw;
  const sound = ({ document: one, label }: Entry) =>
    typeof label === 'string' &&
    one?.format === document.format &&
    one.version === document.version &&
    isSound(one, checkEdit);
  if (!sound({ document: present, label: '' }) || ![...past, ...future].every(sound)) return none;
  // The same data as the document's, and the same objects as its past.
  if (JSON.stringify(present) === JSON.stringify(document)) return { present, past, future };
  return { present: document, past: [...past, { document: present, label: 'app.edit.sinceThen' }], future: [] };
}

function isSound(document: Workspace, checkEdit: CheckEdit): boolean {
  try {
    return checkEdit(document).ok;
  } catch {
    return false;
  }
}

const isHistory = (raw: unknown): raw is KeptHistory =>
  typeof raw === 'object' &&
  raw !== null &&
  typeof (raw as KeptHistory).present === 'object' &&
  Array.isArray((raw as KeptHistory).past) &&
  Array.isArray((raw as KeptHistory).future);

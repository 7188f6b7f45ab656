import { monthsAfter } from '../due/dueDates.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Body } from '../rig/body.ts';
import type { OwnDue } from '../rig/due.ts';
import { inBody } from './bodyEdits.ts';
import { entryOf, put, without } from './draft.ts';

/** Notes what falls due of a body; the same id again changes it. A field given as undefined is taken away. */
export const setDue = (
  workspace: Workspace,
  bodyId: string,
  id: string,
  patch: Partial<Omit<OwnDue, 'id'>>,
  fresh: Omit<OwnDue, 'id'>,
): Workspace =>
  inBody(workspace, bodyId, (body) => {
    const dues = body.dues ?? [];
    const known = entryOf(dues, id);
    if (known) put(known, patch);
    else body.dues = [...dues, { id, ...fresh }];
  });

/** It was done on a day: the next one is as many months later as it comes again after; what does not come again goes. */
export const doneDue = (workspace: Workspace, bodyId: string, id: string, day: string): Workspace =>
  inBody(workspace, bodyId, (body) => {
    const known = entryOf(body.dues ?? [], id);
    if (!known) return;
    if (known.everyMonths === undefined) drop(body, id);
    else put(known, { day: monthsAfter(day, known.everyMonths) });
  });

/** Crosses it out. */
export const removeDue = (workspace: Workspace, bodyId: string, id: string): Workspace =>
  inBody(workspace, bodyId, (body) => drop(body, id));

function drop(body: Body, id: string): void {
  const left = without(body.dues ?? [], (one) => one.id === id);
  put<{ dues?: OwnDue[] | undefined }>(body, { dues: left.length > 0 ? left : undefined });
}

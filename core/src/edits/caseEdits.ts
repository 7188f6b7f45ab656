import type { Workspace } from '../document/workspace.ts';
import type { NewFigure } from '../uprating/newFigures.ts';
import type { CaseStep, Certified, UprateCase } from '../uprating/uprateCase.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put, without } from './draft.ts';

const inCase = (workspace: Workspace, id: string, change: (one: UprateCase) => void): Workspace =>
  edited(workspace, ({ cases }) => {
    const one = entryOf(cases, id);
    if (one) change(one);
  });

/** Begins an uprate or downrate: the packages are a copy of their day. */
export const addCase = (workspace: Workspace, one: UprateCase): Workspace =>
  edited(workspace, ({ cases }) => void cases.push(one));

/** Changes what a case is called, or that nothing was registered; a field given as undefined is taken away. */
export const changeCase = (
  workspace: Workspace,
  id: string,
  patch: { [Key in 'name' | 'unregistered']?: UprateCase[Key] | undefined },
): Workspace => inCase(workspace, id, (one) => put(one, patch));

/** Takes a case away with its steps; plates it was applied to stay as they are. */
export const removeCase = (workspace: Workspace, id: string): Workspace =>
  edited(workspace, (draft) => {
    draft.cases = without(draft.cases, (one) => one.id === id);
  });

/** Writes what is known of a step; a field given as undefined is taken away. */
export const setCaseStep = (
  workspace: Workspace,
  id: string,
  step: string,
  patch: { [Key in keyof Omit<CaseStep, 'id'>]?: CaseStep[Key] | undefined },
): Workspace =>
  inCase(workspace, id, ({ steps }) => {
    const known = entryOf(steps, step);
    if (known) put(known, patch);
    else steps.push(withoutUndefined({ id: step, ...patch }));
  });

/** Writes a figure read off the new plate, or wipes it (null). */
export const setCertified = (
  workspace: Workspace,
  id: string,
  { of, limit, part }: Pick<NewFigure, 'of' | 'limit' | 'part'>,
  value: number | null,
): Workspace =>
  inCase(workspace, id, (one) => {
    const isIt = (entry: Certified) => entry.of === of && entry.limit === limit && entry.part === part;
    const entry: Certified[] = value === null ? [] : [{ of, limit, value, ...(part ? { part } : {}) }];
    one.certified = [...without(one.certified, isIt), ...entry];
  });

import type { Workspace } from '../document/workspace.ts';
import type { NewFigure } from '../uprating/newFigures.ts';
import type { CaseStep, Certified, UprateCase } from '../uprating/uprateCase.ts';
import { inList, without, withoutUndefined } from '../plain/lists.ts';

/** Begins an uprate or downrate: the packages are a copy of their day. */
export const addCase = (workspace: Workspace, one: UprateCase): Workspace => ({
  ...workspace,
  cases: [...workspace.cases, one],
});

/** Changes what a case is called, or that nothing was registered; a field given as undefined is taken away. */
export const changeCase = (
  workspace: Workspace,
  id: string,
  patch: { [Key in 'name' | 'unregistered']?: UprateCase[Key] | undefined },
): Workspace => ({
  ...workspace,
  cases: inList(workspace.cases, id, (one) => withoutUndefined({ ...one, ...patch })),
});

/** Takes a case away with its steps; plates it was applied to stay as they are. */
export const removeCase = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  cases: without(workspace.cases, id),
});

/** Writes what is known of a step; a field given as undefined is taken away. */
export const setCaseStep = (
  workspace: Workspace,
  id: string,
  step: string,
  patch: { [Key in keyof Omit<CaseStep, 'id'>]?: CaseStep[Key] | undefined },
): Workspace => ({
  ...workspace,
  cases: inList(workspace.cases, id, (one) => {
    const known = one.steps.find((entry) => entry.id === step);
    const next = withoutUndefined({ ...(known ?? { id: step }), ...patch });
    return { ...one, steps: known ? inList(one.steps, step, () => next) : [...one.steps, next] };
  }),
});

/** Writes a figure read off the new plate, or wipes it (null). */
export const setCertified = (
  workspace: Workspace,
  id: string,
  { of, limit, part }: Pick<NewFigure, 'of' | 'limit' | 'part'>,
  value: number | null,
): Workspace => ({
  ...workspace,
  cases: inList(workspace.cases, id, (one) => {
    const others = one.certified.filter((entry) => entry.of !== of || entry.limit !== limit || entry.part !== part);
    const entry: Certified[] = value === null ? [] : [{ of, limit, value, ...(part ? { part } : {}) }];
    return { ...one, certified: [...others, ...entry] };
  }),
});

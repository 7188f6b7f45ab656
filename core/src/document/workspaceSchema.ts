import { referenceProblems } from './references.ts';
import { workspaceShape } from './workspace.ts';

/** The shape, and every reference leads somewhere. */
export const workspaceSchema = workspaceShape.superRefine((workspace, context) => {
  for (const problem of referenceProblems(workspace)) {
    context.addIssue({ code: 'custom', path: [...problem.path], params: { problem: problem.code } });
  }
});

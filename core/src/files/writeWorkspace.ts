import type { Workspace } from '../document/workspace.ts';

/** The text of a file: indented, so that it can be read and compared. */
export const writeWorkspace = (workspace: Workspace): string => `${JSON.stringify(workspace, null, 2)}\n`;

import { z } from 'zod';
import { workspaceShape } from './workspace.ts';

/** JSON Schema of the file, for other people's programs. References between entries are described in words only. */
export const workspaceJsonSchema = (): object => z.toJSONSchema(workspaceShape, { reused: 'inline' });

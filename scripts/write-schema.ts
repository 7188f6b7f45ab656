import { writeFileSync } from 'node:fs';
import { workspaceJsonSchema } from '@wagonomos/core/files';

/** Writes the JSON Schema of the file format; a test fails when the one in docs is not this. */
const target = new URL('../docs/wagonomos.schema.json', import.meta.url);
writeFileSync(target, `${JSON.stringify(workspaceJsonSchema(), null, 2)}\n`);

import { parse as parseJsonc, type ParseError } from 'jsonc-parser';
import { faultsOf, type FileProblem } from './fileProblem.ts';
import { migrate } from './migrations.ts';
import { fileFormat, fileVersion, workspaceSchema, type Workspace } from './workspace.ts';

export type ReadWorkspace =
  { readonly ok: true; readonly workspace: Workspace } | { readonly ok: false; readonly problem: FileProblem };

/** Larger files are refused before they are parsed; a workspace of 5,000 things is about 2 MB. */
const largestFile = 20_000_000;

/**
 * Reads the text of a `*.wagonomos.json` file: checks that it is ours, brings an older version up to date, and checks
 * every field and reference. Returns what is wrong and where; never throws, and never returns half a document.
 */
export function readWorkspace(text: string): ReadWorkspace {
  if (text.length > largestFile) {
    return refuse({ code: 'tooLarge', megabytes: Math.ceil(text.length / 1_000_000) });
  }
  const body = text.replace(/^\uFEFF/, '');
  if (body.trim() === '') return refuse({ code: 'empty' });
  if (/[\uFFFD]/.test(body.slice(0, 1000)) || body.slice(0, 1000).includes('\0')) return refuse({ code: 'notText' });
  let raw: unknown;
  try {
    raw = JSON.parse(body);
  } catch {
    return refuse(jsonProblem(body));
  }
  return readParsed(raw);
}

/** The same for data already parsed, as it comes out of the browser's own store. */
export function readParsed(raw: unknown): ReadWorkspace {
  const { format, version } = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>;
  if (format !== fileFormat) return refuse({ code: 'foreign' });
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) return refuse({ code: 'badVersion' });
  if (version > fileVersion) return refuse({ code: 'newer', version, ours: fileVersion });
  const current = migrate(raw as object, version);
  const result = workspaceSchema.safeParse(current);
  return result.success ? { ok: true, workspace: result.data } : refuse(faultsOf(current, result.error.issues));
}

const refuse = (problem: FileProblem): ReadWorkspace => ({ ok: false, problem });

/** JSON.parse words its errors differently in every engine; a second parser says where the first fault is. */
function jsonProblem(text: string): FileProblem {
  const errors: ParseError[] = [];
  parseJsonc(text, errors, { disallowComments: true });
  const before = text.slice(0, errors[0]?.offset ?? 0);
  const lines = before.split('\n');
  return { code: 'notJson', line: lines.length, column: (lines.at(-1)?.length ?? 0) + 1 };
}

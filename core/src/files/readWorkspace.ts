import { parse as parseJsonc, type ParseError } from 'jsonc-parser';
import { faultsOf, type FileProblem } from '../document/fileProblem.ts';
import { migrate } from './migrations.ts';
import { isTooDeep, plainLists, structureProblem } from './structure.ts';
import { fileFormat, fileVersion } from '../document/fileVersion.ts';
import type { Workspace } from '../document/workspace.ts';
import { workspaceSchema } from '../document/workspaceSchema.ts';

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
  if (isTooDeep(body)) return refuse({ code: 'tooDeep' });
  let raw: unknown;
  try {
    raw = JSON.parse(body);
  } catch {
    return refuse(looksLikeText(body) ? jsonProblem(body) : { code: 'notText' });
  }
  return readParsed(raw);
}

/**
 * The text in the bytes of a file, or null where they are none in UTF-8: a name in another encoding must not come in with
 * its letters replaced.
 */
function textOf(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

/** Reads the bytes of a file. */
export function readBytes(bytes: Uint8Array): ReadWorkspace {
  if (bytes.length > largestFile) return refuse({ code: 'tooLarge', megabytes: Math.ceil(bytes.length / 1_000_000) });
  const text = textOf(bytes);
  return text === null ? refuse({ code: 'notText' }) : readWorkspace(text);
}

/** The same for data already parsed, as it comes out of the browser's own store. */
export function readParsed(raw: unknown): ReadWorkspace {
  const problem = structureProblem(raw);
  if (problem) return refuse(problem);
  const { format, version } = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>;
  if (format !== fileFormat) return refuse({ code: 'foreign' });
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) return refuse({ code: 'badVersion' });
  if (version > fileVersion) return refuse({ code: 'newer', version, ours: fileVersion });
  const current = migrate(plainLists(raw) as object, version);
  const result = workspaceSchema.safeParse(current);
  return result.success ? { ok: true, workspace: result.data } : refuse(faultsOf(current, result.error.issues));
}

/** Bytes of a picture read as text are full of these; a name may have one, in a file that makes sense. */
const looksLikeText = (body: string): boolean => !/[\uFFFD\0]/.test(body.slice(0, 1000));

const refuse = (problem: FileProblem): ReadWorkspace => ({ ok: false, problem });

/** JSON.parse words its errors differently in every engine; a second parser says where the first fault is. */
function jsonProblem(text: string): FileProblem {
  const errors: ParseError[] = [];
  parseJsonc(text, errors, { disallowComments: true });
  const offset = errors[0]?.offset ?? 0;
  const line = text.slice(0, offset).split('\n').length;
  return { code: 'notJson', line, column: offset - text.lastIndexOf('\n', offset - 1) };
}

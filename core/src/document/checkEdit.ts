import { faultsOf, type FileProblem, type Issue } from './fileProblem.ts';
import { listBounds } from '../rig/fields.ts';
import { entryLists, type Entry, type EntryList } from './referenceTable.ts';
import { referenceProblems } from './references.ts';
import { workspaceShape, type Workspace } from './workspace.ts';

export type CheckedEdit =
  | { readonly ok: true; readonly workspace: Workspace }
  | { readonly ok: false; readonly problem: FileProblem & { readonly code: 'invalid' } };

/** Entries known to be sound. A document replaces an entry when it changes, so what was once sound stays it. */
const sound = new WeakSet<Entry>();

/**
 * Whether the document an edit leaves could be read back: the same schema, bounds and references as for a file, asked only
 * of what has changed. Nothing that fails this is ever kept.
 * @returns the document as it would be read back (names without spaces at their ends), or every fault with its place
 */
export function checkEdit(workspace: Workspace): CheckedEdit {
  const issues: Issue[] = [];
  const head = headShape.safeParse({ id: workspace.id, name: workspace.name });
  if (!head.success) issues.push(...head.error.issues);
  const lists = entryLists.map((list) => [list, soundEntries(workspace, list, issues)] as const);
  for (const { code, path } of referenceProblems(workspace)) {
    issues.push({ code: 'custom', path: [...path], message: code, input: undefined, params: { problem: code } });
  }
  if (issues.length > 0) return { ok: false, problem: faultsOf(workspace, issues) };
  return lists.every(([list, entries]) => entries === workspace[list])
    ? { ok: true, workspace }
    : { ok: true, workspace: { ...workspace, ...(Object.fromEntries(lists) as Pick<Workspace, EntryList>) } };
}

const headShape = workspaceShape.pick({ id: true, name: true });

/** The list itself where every entry is sound as it stands. */
function soundEntries(workspace: Workspace, list: EntryList, issues: Issue[]): readonly Entry[] {
  const before: readonly Entry[] = workspace[list];
  const most = listBounds[list];
  if (before.length > most) {
    issues.push({ code: 'too_big', origin: 'array', maximum: most, path: [list], message: '', input: undefined });
    return before;
  }
  const schema = workspaceShape.shape[list].element;
  let same = true;
  const after = before.map((entry, at) => {
    if (sound.has(entry)) return entry;
    const read = schema.safeParse(entry);
    if (!read.success) {
      issues.push(...read.error.issues.map((issue) => ({ ...issue, path: [list, at, ...issue.path] })));
      return entry;
    }
    const kept = sameData(entry, read.data) ? entry : read.data;
    same &&= kept === entry;
    sound.add(kept);
    return kept;
  });
  return same ? before : after;
}

/** Whether two pieces of plain data say the same; a field that is undefined is one that is not there. */
function sameData(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const [one, other] = [a, b] as readonly Readonly<Record<string, unknown>>[];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) => sameData(one?.[key], other?.[key]));
}

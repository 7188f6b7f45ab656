import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { fileFormat, fileVersion } from '../document/fileVersion.ts';
import type { Workspace } from '../document/workspace.ts';
import { workspaceSchema } from '../document/workspaceSchema.ts';
import { faultOf, placeOf, type FileFault, type Issue } from '../document/fileProblem.ts';
import { migrate } from './migrations.ts';
import { entryLists } from '../document/referenceTable.ts';
import { plainLists, structureProblem } from './structure.ts';
import { situationIn } from '../situation/situation.ts';

/** What could be read of a document that has faults. */
export interface Lenient {
  readonly workspace: Workspace;
  /** What was set aside, each with its place; the first of them, and how many there are in all. */
  readonly setAside: readonly FileFault[];
  readonly count: number;
}

/** So many faults are named; as many rounds of setting aside are made at most. */
const named = 20;
const mostRounds = 40;

/**
 * Reads a damaged document, or one of a newer version, as far as it can be: the smallest part around each fault is set aside
 * and named, the rest is kept. A rig whose loadout or situation is lost gets an empty one, so that the rig is not lost with it.
 * @returns null where it is no document of ours at all, or nothing of it can be made sense of
 */
export function readLeniently(given: unknown): Lenient | null {
  if (typeof given !== 'object' || given === null || structureProblem(given)) return null;
  const raw = plainLists(given) as object;
  const { format, version } = raw as Readonly<Record<string, unknown>>;
  if (format !== fileFormat || typeof version !== 'number' || !Number.isInteger(version) || version < 1) return null;
  const empty = emptyWorkspace('yard', 'Yard');
  const current: Record<string, unknown> = { ...structuredClone(migrate(raw, version)), version: fileVersion };
  const setAside: FileFault[] = [];
  let count = 0;
  const note = (fault: FileFault) => {
    count += 1;
    if (setAside.length < named) setAside.push(fault);
  };
  for (const [field, value] of Object.entries(empty)) {
    if (Array.isArray(value) ? Array.isArray(current[field]) : typeof current[field] === typeof value) continue;
    // A whole list that is not there is more than nothing, whatever was in it.
    note({ code: current[field] === undefined ? 'missing' : 'wrongType', place: field, detail: '' });
    current[field] = value;
  }
  for (let round = 0; round < mostRounds; round += 1) {
    for (const mended of mendRigs(current)) note(mended);
    const read = workspaceSchema.safeParse(current);
    if (read.success) return { workspace: read.data, setAside, count };
    // What is said is where the fault was first seen: later rounds only clear away what hung on it.
    for (const issue of read.error.issues) {
      if (issue.code === 'invalid_type' && round > 0) continue;
      note(faultOf(current, issue));
    }
    for (const doomed of spotsOf(current, read.error.issues)) cut(current, doomed);
    sweep(current);
  }
  return null;
}

type Path = readonly PropertyKey[];
const hole = Symbol('hole');

/** What is to be cut for each issue: the unknown fields; the value; what holds it where the value is missing already. */
const spotsOf = (raw: unknown, issues: readonly Issue[]): readonly Path[] =>
  issues.flatMap((issue): Path[] => {
    if (issue.code === 'unrecognized_keys') return issue.keys.map((key) => [...issue.path, key]);
    if (issue.code === 'too_big' && issue.origin === 'array') return surplus(raw, issue.path, Number(issue.maximum));
    return [issue.path];
  });

/** The entries of a list beyond its most. */
function surplus(raw: unknown, path: Path, most: number): Path[] {
  const list = at(raw, path);
  return Array.isArray(list) ? list.slice(most).map((_, n) => [...path, most + n]) : [path];
}

const at = (raw: unknown, path: Path): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    raw,
  );

function cut(raw: Record<string, unknown>, path: Path): void {
  const key = path.at(-1);
  const holder = at(raw, path.slice(0, -1));
  if (key === undefined || typeof holder !== 'object' || holder === null) return;
  const record = holder as Record<PropertyKey, unknown>;
  if (Array.isArray(holder)) record[key] = hole;
  else if (record[key] === undefined) cut(raw, path.slice(0, -1));
  else if (path.length === 1 && entryLists.some((list) => list === key)) record[key] = [];
  else delete record[key];
}

/** Entries that were cut are taken out of their lists only now: a path counts them. */
function sweep(value: unknown): void {
  if (typeof value !== 'object' || value === null) return;
  if (Array.isArray(value)) {
    for (let n = value.length - 1; n >= 0; n -= 1) if (value[n] === hole) value.splice(n, 1);
  }
  for (const one of Object.values(value)) sweep(one);
}

/** A rig whose loadout or situation is not in the document gets an empty one, or another situation of the document. */
function mendRigs(current: Record<string, unknown>): readonly FileFault[] {
  const rigs = current['rigs'] as readonly unknown[];
  const mended: FileFault[] = [];
  for (const [n, rig] of rigs.entries()) {
    if (typeof rig !== 'object' || rig === null) continue;
    const record = rig as Record<string, unknown>;
    for (const { field, list, make } of mendable) {
      const entries = current[list] as unknown[];
      const ids = entries.map(idOf);
      if (typeof record[field] === 'string' && ids.includes(record[field])) continue;
      const other = list === 'situations' ? ids.find((id) => id !== undefined) : undefined;
      record[field] = other ?? `${field}-${n + 1}-mended`;
      if (other === undefined && !ids.includes(record[field] as string)) entries.push(make(record[field] as string));
      mended.push({ code: 'danglingReference', place: placeOf(current, ['rigs', n, field]), detail: '' });
    }
  }
  return mended;
}

const idOf = (entry: unknown): string | undefined => {
  const id = typeof entry === 'object' && entry !== null ? (entry as { id?: unknown }).id : undefined;
  return typeof id === 'string' ? id : undefined;
};

/** What a rig cannot be without, and what stands in for it. */
const mendable = [
  {
    field: 'loadout',
    list: 'loadouts',
    make: (id: string) => ({ id, name: '?', crew: [], placements: [], tankLevels: [] }),
  },
  { field: 'situation', list: 'situations', make: (id: string) => situationIn(id, '?', 'GB') },
] as const;

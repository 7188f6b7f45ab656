import type { z } from 'zod';

/** Why a file was refused. `place` leads to the spot, outermost first. */
export type FileProblem =
  | { readonly code: 'empty' | 'foreign' }
  | { readonly code: 'notText' }
  | { readonly code: 'tooLarge'; readonly megabytes: number }
  | { readonly code: 'notJson'; readonly line: number; readonly column: number }
  | { readonly code: 'newer'; readonly version: number; readonly ours: number }
  | { readonly code: 'badVersion' }
  | { readonly code: 'invalid'; readonly faults: readonly FileFault[]; readonly more: number };

const faultCodes = [
  'missing',
  'wrongType',
  'tooSmall',
  'tooBig',
  'unknownField',
  'badValue',
  'duplicateId',
  'danglingReference',
  'wrongKind',
  'emptyPart',
  'emptyRig',
] as const;

/** One fault in a file that could be read as ours. */
export interface FileFault {
  readonly code: (typeof faultCodes)[number];
  /** "bodies › Tern wagon › plates › 2 › value" */
  readonly place: string;
  /** The bound that was passed, or the names not known. */
  readonly detail: string;
}

const shown = 5;

/** Zod's issues as faults in our words, the first few in full. */
export function faultsOf(raw: unknown, issues: readonly z.core.$ZodIssue[]): FileProblem {
  const faults = issues.slice(0, shown).map((issue) => ({
    code: codeOf(issue, raw),
    place: placeOf(raw, issue.path),
    detail: detailOf(issue),
  }));
  return { code: 'invalid', faults, more: Math.max(0, issues.length - shown) };
}

function codeOf(issue: z.core.$ZodIssue, raw: unknown): FileFault['code'] {
  switch (issue.code) {
    case 'invalid_type':
      return at(raw, issue.path) === undefined ? 'missing' : 'wrongType';
    case 'too_small':
      return 'tooSmall';
    case 'too_big':
      return 'tooBig';
    case 'unrecognized_keys':
      return 'unknownField';
    case 'custom':
      return faultCodes.find((code) => code === (issue.params?.['problem'] as unknown)) ?? 'badValue';
    default:
      return 'badValue';
  }
}

function detailOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_small':
      return String(issue.minimum);
    case 'too_big':
      return String(issue.maximum);
    case 'unrecognized_keys':
      return issue.keys.map((key) => key.slice(0, 40)).join(', ');
    case 'invalid_value':
      return issue.values.map(String).join(', ');
    default:
      return '';
  }
}

function at(raw: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    raw,
  );
}

/** A path for people: list entries by their name where they have a short one, else by their number from one. */
function placeOf(raw: unknown, path: readonly PropertyKey[]): string {
  const words = path.map((key, depth) => {
    if (typeof key !== 'number') return String(key);
    const entry = at(raw, path.slice(0, depth + 1));
    const name = typeof entry === 'object' && entry !== null ? (entry as { name?: unknown }).name : undefined;
    return typeof name === 'string' && name.length > 0 && name.length <= 80 ? name : String(key + 1);
  });
  return words.join(' › ');
}

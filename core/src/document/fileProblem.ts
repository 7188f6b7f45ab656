import type { z } from 'zod';

/** Why a file was refused. `place` leads to the spot, outermost first. */
export type FileProblem =
  | { readonly code: 'empty' | 'foreign' | 'tooDeep' }
  /** Of a link: it is none of ours; of a newer kind; cut off or changed on the way; meant to choke whoever opens it. */
  | { readonly code: 'foreignLink' | 'newerLink' | 'brokenLink' | 'linkTooLarge' }
  | { readonly code: 'tooManyFields'; readonly place: string }
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
  'tooLong',
  'tooMany',
  'tooFine',
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
/** Most characters of a name of a hostile file that are repeated, and of a whole line of them. */
const longestWord = 80;
const longestLine = 300;

/** An issue of the schema or of the references, as far as it is needed to say what is wrong and where. */
export type Issue = z.core.$ZodIssue;

/** Zod's issues as faults in our words, the first few in full. */
export const faultsOf = (raw: unknown, issues: readonly Issue[]): FileProblem & { readonly code: 'invalid' } => ({
  code: 'invalid',
  faults: issues.slice(0, shown).map((issue) => faultOf(raw, issue)),
  more: Math.max(0, issues.length - shown),
});

/** One issue in our words. */
export const faultOf = (raw: unknown, issue: Issue): FileFault => ({
  code: codeOf(issue, raw),
  place: placeOf(raw, issue.path),
  detail: clipped(detailOf(issue), longestLine),
});

const clipped = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most)}…` : text);

function codeOf(issue: z.core.$ZodIssue, raw: unknown): FileFault['code'] {
  switch (issue.code) {
    case 'invalid_type':
      return at(raw, issue.path) === undefined ? 'missing' : 'wrongType';
    case 'too_small':
      return 'tooSmall';
    case 'too_big':
      return issue.origin === 'string' ? 'tooLong' : issue.origin === 'array' ? 'tooMany' : 'tooBig';
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
      return issue.keys
        .slice(0, 8)
        .map((key) => key.slice(0, 40))
        .join(', ');
    case 'invalid_value':
      return issue.values.map(String).join(', ');
    case 'custom':
      return typeof issue.params?.['detail'] === 'string' ? issue.params['detail'] : '';
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
export function placeOf(raw: unknown, path: readonly PropertyKey[]): string {
  const words = path.map((key, depth) => {
    if (typeof key !== 'number') return clipped(String(key), longestWord);
    const entry = at(raw, path.slice(0, depth + 1));
    const name = typeof entry === 'object' && entry !== null ? (entry as { name?: unknown }).name : undefined;
    return typeof name === 'string' && name.length > 0 && name.length <= longestWord ? name : String(key + 1);
  });
  return clipped(words.join(' › '), longestLine);
}

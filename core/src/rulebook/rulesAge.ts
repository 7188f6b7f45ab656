import type { Check } from '../checks/check.ts';
import { compiledOn } from '../situation/dated.ts';

/** How old the rules are that decided here. Days are ISO 8601. */
export interface RulesAge {
  /** The day the oldest of them was written down from memory. */
  readonly compiled: string;
  /** The rules that were to be gone through again before the day asked for, each once, with the day; the earliest first. */
  readonly overdue: readonly { readonly rule: string; readonly by: string }[];
  /** The rules that are not known for the day asked for, each once, with the day from which on they are believed to hold. */
  readonly notKnown: readonly { readonly rule: string; readonly before: string }[];
}

/** How old the rules behind these checks are, on the day they were asked for. */
export function rulesAge(checks: readonly Check[]): RulesAge {
  const decided = checks.filter(({ status }) => status !== 'notApplicable');
  const compiled = decided.map(({ source }) => source.compiled).sort()[0] ?? compiledOn;
  const each = <Of extends { readonly rule: string }>(all: readonly Of[]): readonly Of[] => [
    ...new Map(all.map((one) => [one.rule, one])).values(),
  ];
  const overdue = each(
    decided.flatMap(({ rule, source }) => (source.overdueSince ? [{ rule, by: source.overdueSince }] : [])),
  );
  const notKnown = each(
    decided.flatMap(({ rule, source }) => (source.notKnownBefore ? [{ rule, before: source.notKnownBefore }] : [])),
  );
  return { compiled, overdue: [...overdue].sort((a, b) => a.by.localeCompare(b.by)), notKnown };
}

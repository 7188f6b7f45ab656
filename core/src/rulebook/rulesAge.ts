import type { Check } from '../checks/check.ts';
import { compiledOn } from '../situation/dated.ts';

/** How old the rules are that decided here. Days are ISO 8601. */
export interface RulesAge {
  /** The day the oldest of them was written down from memory. */
  readonly compiled: string;
  /** The rules that were to be gone through again before the day asked for, each once, with the day; the earliest first. */
  readonly overdue: readonly { readonly rule: string; readonly by: string }[];
}

/** @param day the day of the situation; left out, nothing is overdue */
export function rulesAge(checks: readonly Check[], day: string | undefined): RulesAge {
  const decided = checks.filter(({ status }) => status !== 'notApplicable');
  const compiled = decided.map(({ source }) => source.compiled).sort()[0] ?? compiledOn;
  const late = decided.filter(({ source }) => day !== undefined && source.checkAgainBy < day);
  const overdue = [...new Map(late.map(({ rule, source }) => [rule, { rule, by: source.checkAgainBy }])).values()];
  return { compiled, overdue: overdue.sort((a, b) => a.by.localeCompare(b.by)) };
}

import { binds, breaksLaw, mayBreakLaw, type Check } from '../checks/check.ts';

/** `tight`: legal, with a limit inside the owner's reserve or inside what is not known for certain. */
export type Mark = 'legal' | 'tight' | 'maker' | 'over' | 'undecided';

/**
 * Over beats unknown; unknown counts only on the required list; a maker's breach leaves it as it is. What a rule of
 * low confidence calls over leaves it open.
 */
export function legality(checks: readonly Check[]): boolean | null {
  if (checks.some(breaksLaw)) return false;
  return checks.some((check) => (check.required && check.status === 'unknown') || mayBreakLaw(check)) ? null : true;
}

/** Whether any law of ours is asked at all: where the plates alone are judged, nothing is called legal or not. */
export const claimsLaw = (checks: readonly Check[]): boolean => checks.some(({ kind }) => kind === 'legal');

/** One word for the whole rig, from whether it is legal and from the checks. */
export function markOf(legal: boolean | null, checks: readonly Check[]): Mark {
  if (legal === false) return 'over';
  // Where law is asked and has not answered, that is said first: a maker's breach says nothing of the law.
  if (legal === null && claimsLaw(checks)) return 'undecided';
  if (checks.some((check) => check.kind === 'maker' && check.status === 'over')) return 'maker';
  if (legal === null) return 'undecided';
  return checks.some((check) => binds(check) && check.status === 'tight') ? 'tight' : 'legal';
}

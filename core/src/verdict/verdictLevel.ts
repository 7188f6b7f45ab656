import { binds, breaksLaw, leavesOpen, mayBreakLaw, type Check } from '../checks/check.ts';
import { isOpen, openLoads } from './openQuestions.ts';

/**
 * `tight`: legal, with a limit inside the owner's reserve or inside what is not known for certain. `open`: no load is past a limit that is
 * known, and something is still to be answered: of equipment, or of a maker's limit. `undecided`: a load that law asks for is not known.
 */
export type VerdictLevel = 'legal' | 'tight' | 'maker' | 'over' | 'open' | 'undecided';

/**
 * Over beats unknown; any legal check that applies and is unknown leaves it open, whichever it is; a maker's breach leaves it as it
 * is. What a rule of low confidence calls over leaves it open; so does what passes by a rule that was to be gone through again.
 */
export function legality(checks: readonly Check[]): boolean | null {
  if (checks.some(breaksLaw)) return false;
  return checks.some((check) => leavesOpen(check) || mayBreakLaw(check) || isAged(check)) ? null : true;
}

/** Law that is passed as far as known only: it was to be gone through again, or is not known for the day. */
export const isAged = ({ kind, status, source }: Check): boolean =>
  kind === 'legal' &&
  (status === 'within' || status === 'tight') &&
  (source.overdueSince !== undefined || source.notKnownBefore !== undefined);

/** Whether any law of ours is asked at all: where the plates alone are judged, nothing is called legal or not. */
export const claimsLaw = (checks: readonly Check[]): boolean => checks.some(({ kind }) => kind === 'legal');

/** One word for the whole rig, from whether it is legal and from the checks. */
export function verdictLevel(legal: boolean | null, checks: readonly Check[]): VerdictLevel {
  if (legal === false) return 'over';
  const undecided = openLoads(checks).some(leavesOpen) || checks.some(mayBreakLaw);
  // Where law asks for a load and has no answer, that is said first: a maker's breach says nothing of the law.
  if (undecided && claimsLaw(checks)) return 'undecided';
  if (checks.some((check) => check.kind === 'maker' && check.status === 'over')) return 'maker';
  if (undecided) return 'undecided';
  if (checks.some(isOpen)) return 'open';
  return checks.some((check) => binds(check) && check.status === 'tight') ? 'tight' : 'legal';
}

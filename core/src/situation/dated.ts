/**
 * When a fact holds, ISO 8601 days. A fact without days holds as long as anybody knows. All of them were written down from memory
 * on a day, and are to be gone through again by another.
 */
export interface Dated {
  /** The first day it holds. */
  readonly from?: string;
  /** The first day it holds no longer. */
  readonly until?: string;
  /** Adopted and not yet law where it is asked for: shown as coming, never judged by. */
  readonly expected?: true;
  readonly compiled?: string;
  readonly checkAgainBy?: string;
}

/** The day the facts were written down from memory, where a fact says no other. */
export const compiledOn = '2026-11-28';
/** By when they are to be gone through again: a year, what amounts to in money half of one. */
export const checkAgainBy = '2027-11-28';
export const sanctionsAgainBy = '2027-05-28';

/** Whether a fact holds on a day. Without a day: on the one it was written down. What is only expected never does. */
export const holdsOn = ({ from, until, expected }: Dated, day = compiledOn): boolean =>
  !expected && (from === undefined || from <= day) && (until === undefined || day < until);

/** Whether a fact is coming: expected, or to begin after a day. */
export const isComing = ({ from, expected }: Dated, day = compiledOn): boolean =>
  expected === true || (from !== undefined && from > day);

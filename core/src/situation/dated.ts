import { lessSure, type Confidence } from './confidence.ts';

/**
 * When a fact holds, ISO 8601 days. A fact without a first day holds as long as anybody knows, and is believed to since a day of its own.
 * All of them were written down from memory on a day, and are to be gone through again by another.
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
/**
 * From which day on facts that name no beginning are believed to hold: what they say of days before it is not known here. An estimate
 * of ours, set late rather than early.
 */
export const believedSince = '2023-01-01';

/** What is gone through again how often: fines and tolls, licences and speeds, how vehicles are built and what they may weigh. */
export type Review = 'money' | 'driving' | 'construction';
const reviewYears: Readonly<Record<Review, number>> = { money: 1, driving: 2, construction: 5 };

/** The day by which a fact is to be gone through again. */
export function againBy({ compiled = compiledOn, checkAgainBy }: Dated, review: Review): string {
  if (checkAgainBy !== undefined) return checkAgainBy;
  return `${Number(compiled.slice(0, 4)) + reviewYears[review]}${compiled.slice(4)}`;
}

/** What keeps a fact from being said without a word on a day: it was to be gone through again before it, or is not known for it. */
export interface Aged {
  readonly overdueSince?: string;
  readonly notKnownBefore?: string;
}

/** How a fact that is in force stands on a day; nothing: as it was written down. */
export function agedOn(fact: Dated, review: Review, day: string = compiledOn): Aged {
  const again = againBy(fact, review);
  if (again < day) return { overdueSince: again };
  return fact.from === undefined && day < believedSince ? { notKnownBefore: believedSince } : {};
}

/** How sure a fact is once it has aged: a step less where it is overdue, and little where it is not known for that day. */
export const agedConfidence = (confidence: Confidence, { overdueSince, notKnownBefore }: Aged): Confidence =>
  notKnownBefore !== undefined ? 'low' : overdueSince === undefined ? confidence : lessSure[confidence];

/** Whether a fact holds on a day. Without a day: on the one it was written down. What is only expected never does. */
export const holdsOn = ({ from, until, expected }: Dated, day = compiledOn): boolean =>
  !expected && (from === undefined || from <= day) && (until === undefined || day < until);

/** Whether a fact is coming: expected, or to begin after a day. */
export const isComing = ({ from, expected }: Dated, day = compiledOn): boolean =>
  expected === true || (from !== undefined && from > day);

/** A fact with what has aged of it, and as sure as it then is. */
export type AsAged<Of> = Of & Aged;

/** A fact as it stands on a day; what has not aged is the fact itself. */
export function asAged<Of extends Dated & { readonly confidence: Confidence }>(
  fact: Of,
  review: Review,
  day: string = compiledOn,
): AsAged<Of> {
  const aged = agedOn(fact, review, day);
  if (aged.overdueSince === undefined && aged.notKnownBefore === undefined) return fact;
  return { ...fact, ...aged, confidence: agedConfidence(fact.confidence, aged) };
}

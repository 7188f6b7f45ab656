import { massTolerance } from '../units/rounding.ts';

export interface Rated {
  readonly id: string;
  readonly rating: number;
}

/** Which part of a chain governs, which comes next, and how much stronger that one is. */
export interface Weakest<T extends Rated> {
  readonly rating: number;
  /** All parts that share the lowest rating. */
  readonly governing: readonly T[];
  readonly next: readonly T[];
  /** null where every part is as weak as the weakest. */
  readonly gap: number | null;
}

/** A chain is as strong as its weakest part. null for a chain without parts. */
export function weakest<T extends Rated>(parts: readonly T[]): Weakest<T> | null {
  if (parts.length === 0) return null;
  const rating = Math.min(...parts.map((part) => part.rating));
  const same = (value: number) => (part: T) => Math.abs(part.rating - value) <= massTolerance;
  const stronger = parts.filter((part) => part.rating > rating + massTolerance);
  const second = Math.min(...stronger.map((part) => part.rating));
  return {
    rating,
    governing: parts.filter(same(rating)),
    next: stronger.filter(same(second)),
    gap: stronger.length > 0 ? second - rating : null,
  };
}

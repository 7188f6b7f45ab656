import type { TypicalRange } from '../library/typicalRanges.data.ts';
import type { Missing } from '../rig/missing.ts';

/** What was taken as is usual: by body and length, seat, tank or place the fact that would take its place. */
export interface Typical {
  readonly facts: ReadonlyMap<string, Missing>;
  /** Where people sit of whom no seat is said, m; undefined: where nobody knows. */
  readonly cabin: TypicalRange | undefined;
  /** Where a driver, fuel, water or gas that an empty figure contains usually is, where the body has no such seat or tank. */
  readonly spots: ReadonlyMap<string, TypicalRange>;
}

/** What makes a fact of a body's own: the length or split, or the id of a seat, a tank, a place. */
export const typicalKey = (body: string, fact: string): string => `${body}/${fact}`;

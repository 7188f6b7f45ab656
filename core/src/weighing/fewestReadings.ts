import type { Combination } from '../scale/combination.ts';
import { adjust, type Observation } from '../scale/leastSquares.ts';
import { spans } from './span.ts';

/** A reading somebody could take: what it would add up, and its one standard deviation, kg. */
export interface Possible {
  readonly id: string;
  readonly of: Combination;
  readonly sigma: number;
}

/** Some readings that together settle everything asked for, and how surely. */
export interface ReadingSet {
  readonly ids: readonly string[];
  /** One standard deviation of each thing asked for, in its order, kg. */
  readonly errors: readonly number[];
}

/** More steps than this nobody takes at a weighbridge. */
const longest = 6;

/** Which of the combinations the observations settle. */
export function settled(observations: readonly Observation[], asked: readonly Combination[]): readonly boolean[] {
  const { estimate } = adjust(observations);
  return asked.map((of) => estimate(of) !== null);
}

/**
 * The fewest further readings that settle what is asked, every set of that number, the surest first. Whether a reading
 * settles anything follows from which wheels stand on the plate, not from what it will show.
 * @returns empty sets of size 0 where all is settled already; none where no set does it
 */
export function fewestReadings(
  known: readonly Observation[],
  possible: readonly Possible[],
  asked: readonly Combination[],
): readonly ReadingSet[] {
  const observed = possible.map(({ of, sigma }): Observation => ({ of, value: 0, sigma }));
  for (let size = 0; size <= Math.min(longest, possible.length); size += 1) {
    const found: ReadingSet[] = [];
    for (const picked of choices(possible.length, size)) {
      const readings = [...known, ...picked.flatMap((at) => possible[at] ?? [])];
      if (
        !spans(
          readings.map(({ of }) => of),
          asked,
        )
      )
        continue;
      const errors = errorsOf([...known, ...picked.flatMap((at) => observed[at] ?? [])], asked);
      if (errors) found.push({ ids: picked.flatMap((at) => possible[at]?.id ?? []), errors });
    }
    if (found.length > 0) return found.sort((a, b) => total(a.errors) - total(b.errors));
  }
  return [];
}

function errorsOf(observations: readonly Observation[], asked: readonly Combination[]): readonly number[] | null {
  const { estimate } = adjust(observations);
  const errors: number[] = [];
  for (const of of asked) {
    const found = estimate(of);
    if (!found) return null;
    errors.push(found.se);
  }
  return errors;
}

const total = (errors: readonly number[]): number => errors.reduce((sum, one) => sum + one * one, 0);

/** All ways to pick so many of the first `from` numbers, in order. */
function* choices(from: number, size: number, start = 0): Generator<readonly number[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let at = start; at <= from - size; at += 1) {
    for (const rest of choices(from, size - 1, at + 1)) yield [at, ...rest];
  }
}

import type { Combination } from '../scale/combination.ts';
import type { Side } from '../statics/pointLoad.ts';
import { sigmaOf, sumKnown, type Known } from './known.ts';
import { bodyCombinations, rowOf, today, type Levers, type Slip } from './slipToday.ts';

/** What is known of one body by itself: its two ends, and both together. Where both ends are known, they are the sum. */
export interface BodyState {
  readonly near: Known | null;
  readonly far: Known | null;
  readonly sum: Known | null;
}

/** A body of which both ends are known. */
export const ofEnds = (near: Known, far: Known): BodyState => ({
  near,
  far,
  sum: sumKnown([
    [1, near],
    [1, far],
  ]),
});

const less = (a: Known, b: Known): Known =>
  sumKnown([
    [1, a],
    [-1, b],
  ]);

/**
 * A body by itself from all slips, the newest first: each older one gives what newer ones leave open. Where a newer one knows only
 * the sum and an older one both ends, the difference goes to both as their variances.
 */
export function bodyFromSlips(side: Side, slips: readonly Slip[], levers: Levers): BodyState {
  let known: BodyState = { near: null, far: null, sum: null };
  const { near, far, sum } = bodyCombinations[side];
  for (const [at, slip] of slips.entries()) {
    let lost = false;
    const ask = (of: Combination) => {
      const found = today(slip, at, of, rowOf(of, levers), levers);
      if (!found && slip.estimate(of)) lost = true;
      return found;
    };
    const own = { near: ask(near), far: ask(far), sum: ask(sum) };
    known = filled(known, own);
    // What it weighed and nobody can bring to today is not known: an older slip knows no better.
    if (lost || (known.near && known.far)) break;
  }
  return known;
}

/** What is known of a body, and of what is open what an older slip says. */
export function filled(known: BodyState, older: BodyState): BodyState {
  const { near, far, sum } = known;
  if (near) {
    const other = older.far ?? (older.sum && less(older.sum, near));
    return other ? ofEnds(near, other) : known;
  }
  if (far) {
    const other = older.near ?? (older.sum && less(older.sum, far));
    return other ? ofEnds(other, far) : known;
  }
  if (!sum) return older.near && older.far ? ofEnds(older.near, older.far) : older;
  if (older.near && older.far) {
    const [a, b] = [sigmaOf(older.near) ** 2, sigmaOf(older.far) ** 2];
    const share = a + b > 0 ? a / (a + b) : 0.5;
    const apart = less(
      sum,
      sumKnown([
        [1, older.near],
        [1, older.far],
      ]),
    );
    const first = sumKnown([
      [1, older.near],
      [share, apart],
    ]);
    return { near: first, far: less(sum, first), sum };
  }
  if (older.near) return { near: older.near, far: less(sum, older.near), sum };
  if (older.far) return { near: less(sum, older.far), far: older.far, sum };
  return known;
}

/** Whether a slip says anything of a body by itself. */
export function speaksOf(side: Side, { estimate }: Slip): boolean {
  const { near, far, sum } = bodyCombinations[side];
  return [near, far, sum].some((of) => estimate(of) !== null);
}

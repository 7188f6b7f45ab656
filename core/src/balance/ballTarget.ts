import { bandFor } from '../rules/ballBand.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Assessment } from '../verdict/assess.ts';

/** Where the load on the coupling should lie, kg. */
export interface BallTarget {
  readonly now: number;
  /** From where to where it may be, two standard deviations each way, where it rests on what is usual; null: it is known. */
  readonly range: { readonly from: number; readonly to: number } | null;
  /** Of the owner's school, for today's trailer mass. */
  readonly low: number;
  readonly high: number;
  /** What law asks for at least, and the lowest limit of the parts; null where there is none or it is not known. */
  readonly legalLeast: number | null;
  readonly most: number | null;
}

/** The band, and the limits on the coupling. null without a trailer or where the load is not known. */
export function ballTarget({ loads, checks }: Assessment): BallTarget | null {
  const { ballLoad, trailerTotal } = loads.values;
  if (ballLoad.kind !== 'known' || trailerTotal.kind !== 'known') return null;
  const { low, high } = bandFor(loads);
  const least = checks.find((check) => check.role === 'ballLeast' && check.kind === 'legal');
  const most = checks.filter((check) => check.role === 'ballMost').map((check) => check.limit);
  return {
    now: ballLoad.value,
    range: ballLoad.typical
      ? { from: Math.max(0, ballLoad.value - 2 * ballLoad.sigma), to: ballLoad.value + 2 * ballLoad.sigma }
      : null,
    low: low * trailerTotal.value,
    high: high * trailerTotal.value,
    legalLeast: least?.limit ?? null,
    most: most[0] ?? null,
  };
}

/** How the load on the coupling stands to what band and limits leave; a range is so only with all of it, and `open` where it reaches over an edge. */
export type BallStands = 'right' | 'light' | 'heavy' | 'open' | 'noRoom';

/** Whether the load on the coupling lies where band and limits want it. */
export function ballStands(target: BallTarget): BallStands {
  const goal = goalOf(target);
  const { from, to } = target.range ?? { from: target.now, to: target.now };
  if (goal.from >= goal.to) return 'noRoom';
  if (from >= goal.from - massTolerance && to <= goal.to + massTolerance) return 'right';
  if (to < goal.from) return 'light';
  return from > goal.to ? 'heavy' : 'open';
}

/** The middle of what band and limits leave; where they leave nothing, the limits go first. */
export function goalOf({ low, high, legalLeast, most }: BallTarget): { readonly from: number; readonly to: number } {
  const to = Math.min(high, most ?? Infinity);
  return { from: Math.min(Math.max(low, legalLeast ?? 0), to), to };
}

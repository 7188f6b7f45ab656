import { bandFor } from '../rules/ballBand.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Assessment } from '../verdict/assess.ts';

/** Where the load on the coupling should lie, kg. */
export interface BallTarget {
  readonly now: number;
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
    low: low * trailerTotal.value,
    high: high * trailerTotal.value,
    legalLeast: least?.limit ?? null,
    most: most[0] ?? null,
  };
}

/** Whether the load on the coupling lies where band and limits want it. */
export function ballRight(target: BallTarget): boolean {
  const { from, to } = goalOf(target);
  return target.now >= from - massTolerance && target.now <= to + massTolerance;
}

/** The middle of what band and limits leave; where they leave nothing, the limits go first. */
export function goalOf({ low, high, legalLeast, most }: BallTarget): { readonly from: number; readonly to: number } {
  const to = Math.min(high, most ?? Infinity);
  return { from: Math.min(Math.max(low, legalLeast ?? 0), to), to };
}

import type { Check } from '../checks/check.ts';
import type { Guarded } from './guards.ts';
import type { Solver, Programme } from './programme.ts';

/** Limits that cannot all be kept; without any of them the others can. */
export interface Conflict {
  readonly checks: readonly Check[];
  /** Whether each of them was shown to be needed for it; otherwise time was up. */
  readonly proven: boolean;
}

/** First what one could do without most easily, so that what is left is what nobody can get round. */
const easiest = ({ role, kind, place }: Check): number =>
  role === 'band' ? 0 : kind === 'guidance' ? 1 : place ? 2 : kind === 'maker' ? 3 : 4;

/**
 * An irreducible set of limits that no packing keeps together: each limit is left out in turn, and stays out where the rest still cannot
 * be kept.
 * @param programmeOf the programme in which only these limits are kept, by the ids of their checks
 */
export function conflictOf(
  { guards }: Guarded,
  programmeOf: (only: ReadonlySet<string>) => Programme,
  solve: Solver,
  secondsEach: number,
): Conflict {
  const checks = new Map(guards.map(({ check }) => [check.id, check]));
  const kept = new Set(checks.keys());
  let proven = true;
  for (const check of [...checks.values()].sort((a, b) => easiest(a) - easiest(b))) {
    kept.delete(check.id);
    const { kind } = solve(programmeOf(kept), [], { near: 0, seconds: secondsEach });
    if (kind === 'none') continue;
    kept.add(check.id);
    if (kind === 'unanswered') proven = false;
  }
  return { checks: [...checks.values()].filter(({ id }) => kept.has(id)), proven };
}

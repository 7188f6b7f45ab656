import { binds, comparesLoad, type Check } from '../checks/check.ts';
import type { Assessment } from '../verdict/assess.ts';
import { bodyPlates } from './applyPackage.ts';
import { lossOf, type Shift } from '../limits/shift.ts';
import type { UpratePackage } from './upratePackage.ts';

interface Change {
  readonly to?: number | undefined;
  readonly by?: number | undefined;
  /** It lowers and never raises. */
  readonly down?: boolean;
}

/** A figure of a limit that a package may set anew; the lowest of them governs. */
interface Part {
  readonly value: number;
  /** For each package: set to, or by so much; null: left alone. */
  readonly changes: readonly (Change | null)[];
}

/** One check as far as packages and the load pattern touch it. kg. */
interface LinearCheck {
  readonly check: Check;
  readonly margin: number;
  readonly parts: readonly Part[];
  readonly limit: number;
  /** What each package's own mass takes of the margin. */
  readonly own: readonly number[];
  /** What one whole pattern takes of it. */
  readonly pattern: number;
}

/**
 * A loadout brought down to its influence rows, so that any combination of packages costs a handful of sums. Limits that follow
 * from other limits (a D-value, a ratio) stay as they are today: what is found is worked out exactly afterwards.
 * @param alone for a package that changes tyres, wheels or springs: the checks with it alone on the rig
 */
export function linearModel(
  { checks }: Pick<Assessment, 'checks'>,
  packages: readonly UpratePackage[],
  pattern: readonly Shift[],
  alone: readonly (Pick<Assessment, 'checks'> | null)[] = [],
): readonly LinearCheck[] {
  return checks.flatMap((check): readonly LinearCheck[] => {
    const { use, margin, limit } = check;
    if (!binds(check) || !comparesLoad(check) || margin === null || !use || limit === null) return [];
    const lowest = Math.min(...check.figures.map(({ value }) => value));
    const plain = check.sense === 'max' && check.figures.length > 0 && Math.abs(lowest - limit) < 1e-6;
    return [
      {
        check,
        margin,
        limit,
        parts: plain
          ? check.figures.map((figure) => ({
              value: figure.value,
              changes: packages.map(({ kind, limits }) => {
                const found = limits.find(
                  ({ limit: name, part }) =>
                    name === figure.limit && (part ? part === figure.source : bodyPlates.includes(figure.source)),
                );
                return found ? { to: found.to, by: found.by, down: kind === 'downrate' } : null;
              }),
            }))
          : gearPart(check.id, limit, alone),
        own: packages.map(({ of, adds }) =>
          lossOf(
            check,
            use,
            adds.map(({ mass, x }) => ({ side: of, x: x ?? 0, mass })),
          ),
        ),
        pattern: lossOf(check, use, pattern),
      },
    ];
  });
}

/** The margin of a check with these packages (by their order) on the rig. */
export function marginWith(one: LinearCheck, picked: readonly number[]): number {
  let { margin } = one;
  for (const at of picked) margin -= one.own[at] ?? 0;
  if (one.parts.length === 0) return margin;
  let lowest = Infinity;
  for (const { value, changes } of one.parts) {
    let now = value;
    for (const at of picked) {
      const change = changes[at];
      if (!change) continue;
      const wanted = change.to ?? now + (change.by ?? 0);
      now = change.down ? Math.min(now, wanted) : wanted;
    }
    if (now < lowest) lowest = now;
  }
  return margin + lowest - one.limit;
}

/** What new tyres, wheels or springs allow, as one part of the limit; none where no package touches it. */
function gearPart(id: string, limit: number, alone: readonly (Pick<Assessment, 'checks'> | null)[]): readonly Part[] {
  const changes = alone.map((one) => {
    const then = one?.checks.find((check) => check.id === id)?.limit;
    return then === undefined || then === null || then === limit ? null : { to: then };
  });
  return changes.some((change) => change !== null) ? [{ value: limit, changes }] : [];
}

import { binds, comparesLoad, type Check } from '../checks/check.ts';
import type { Assessment } from '../verdict/assess.ts';
import { bodyPlates } from './applyPackage.ts';
import { keptRange, leftOf, limitLine, lineAfter, type LimitLine, type Shift } from '../limits/limitLine.ts';
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
  readonly parts: readonly Part[];
  readonly limit: number;
  /** In each package's own mass, and last in one whole pattern. */
  readonly line: LimitLine;
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
  const amounts = [
    ...packages.map(({ of, adds }) => adds.map(({ mass, x }) => ({ side: of, x: x ?? 0, mass }))),
    pattern,
  ];
  return checks.flatMap((check): readonly LinearCheck[] => {
    const { limit } = check;
    const line = limitLine(check, amounts);
    if (!binds(check) || !comparesLoad(check) || !line || limit === null) return [];
    const lowest = Math.min(...check.figures.map(({ value }) => value));
    const plain = check.sense === 'max' && check.figures.length > 0 && Math.abs(lowest - limit) < 1e-6;
    return [
      {
        check,
        limit,
        line,
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
      },
    ];
  });
}

/** How the limit of a check moves with these packages (by their order) on the rig, kg. */
function raisedBy({ parts, limit }: LinearCheck, picked: readonly number[]): number {
  if (parts.length === 0) return 0;
  let lowest = Infinity;
  for (const { value, changes } of parts) {
    let now = value;
    for (const at of picked) {
      const change = changes[at];
      if (!change) continue;
      const wanted = change.to ?? now + (change.by ?? 0);
      now = change.down ? Math.min(now, wanted) : wanted;
    }
    if (now < lowest) lowest = now;
  }
  return lowest - limit;
}

/** What is left of a check with these packages on the rig, and how many patterns more it lets on board; Infinity: as many as one likes. */
export function withPackages(one: LinearCheck, picked: readonly number[]): { left: number; patterns: number } {
  const units = one.line.bounds[0].loss.map((_, at) => Number(picked.includes(at)));
  const then = lineAfter(one.line, units, raisedBy(one, picked));
  return { left: leftOf(then, []), patterns: keptRange(then, units.length - 1)?.to ?? 0 };
}

/** What new tyres, wheels or springs allow, as one part of the limit; none where no package touches it. */
function gearPart(id: string, limit: number, alone: readonly (Pick<Assessment, 'checks'> | null)[]): readonly Part[] {
  const changes = alone.map((one) => {
    const then = one?.checks.find((check) => check.id === id)?.limit;
    return then === undefined || then === null || then === limit ? null : { to: then };
  });
  return changes.some((change) => change !== null) ? [{ value: limit, changes }] : [];
}

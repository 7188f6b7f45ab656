import { bindsLoad, type Check } from '../checks/check.ts';
import { keptRange, limitLine, type Shift } from '../limits/limitLine.ts';

/** How far a load pattern can grow on top of a rig as loaded. */
export type Growth =
  /** `scale` times the pattern until `binding` is reached; null: nothing binds. */
  | { readonly kind: 'room'; readonly scale: number | null; readonly binding: readonly Check[] }
  /** Over already: by so much, kg, at the worst. */
  | { readonly kind: 'over'; readonly deficit: number; readonly binding: readonly Check[] };

/** Two limits this close together bind together. */
const together = 1e-9;

/** The limits a growing load can meet: those whose margin is known. */
const counted = (checks: readonly Check[]): readonly Check[] => checks.filter(bindsLoad);

/**
 * Usable room for a pattern: the least over all binding checks of margin over what one whole pattern takes of it. A check that
 * the pattern leaves alone or relieves never binds.
 */
export function growth(checks: readonly Check[], pattern: readonly Shift[]): Growth {
  const known = counted(checks);
  const over = known.filter(({ margin }) => (margin ?? 0) < 0);
  if (over.length > 0) {
    return { kind: 'over', deficit: Math.max(...over.map(({ margin }) => -(margin ?? 0))), binding: over };
  }
  const scales = known.flatMap((check) => {
    const scale = scaleOf(check, pattern);
    return scale === null ? [] : [{ check, scale }];
  });
  if (scales.length === 0) return { kind: 'room', scale: null, binding: [] };
  const scale = Math.min(...scales.map((one) => one.scale));
  const binding = scales.filter((one) => one.scale <= scale * (1 + together)).map(({ check }) => check);
  return { kind: 'room', scale, binding };
}

/** How many patterns a check has room for; null: as many as one likes. */
function scaleOf(check: Check, pattern: readonly Shift[]): number | null {
  const line = limitLine(check, [pattern]);
  const most = (line && keptRange(line))?.to ?? Infinity;
  return most === Infinity ? null : most;
}

/** What a change of limits is worth: kg more of the pattern that can really be carried; null where either has no end. */
export interface UsableGain {
  readonly before: Growth;
  readonly after: Growth;
  readonly usable: number | null;
  /** Why there is no `usable`: nothing lies on board whose growth could be measured, or nothing known stops it. */
  readonly open: 'noPattern' | 'nothingBinds' | null;
  /** The limit with the least left afterwards, whatever lies where: told where the growth cannot be. */
  readonly tightest: Check | null;
}

/**
 * kg of the pattern that fit after less those that fitted before. Where the rig is over, before or after, the pattern cannot
 * grow at all: it counts as nothing, and the deficit says why.
 */
export function usableGain(before: readonly Check[], after: readonly Check[], pattern: readonly Shift[]): UsableGain {
  const total = pattern.reduce((sum, { mass }) => sum + mass, 0);
  const [was, is] = [growth(before, pattern), growth(after, pattern)];
  const fits = (one: Growth) => (one.kind === 'over' ? 0 : one.scale === null ? null : one.scale * total);
  const [then, now] = [fits(was), fits(is)];
  const usable = then === null || now === null ? null : now - then;
  const open = usable !== null ? null : pattern.length === 0 ? 'noPattern' : 'nothingBinds';
  const tightest = counted(after).reduce<Check | null>(
    (least, check) => ((check.margin ?? Infinity) < (least?.margin ?? Infinity) ? check : least),
    null,
  );
  return { before: was, after: is, usable, open, tightest };
}

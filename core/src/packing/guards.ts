import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { limitLine, type Bound } from '../limits/limitLine.ts';
import type { RigView } from '../loading/rigView.ts';
import { judge } from '../verdict/assess.ts';
import type { Effect } from './decisions.ts';

/** A limit that a packing has to keep at all moments. */
export interface Guard {
  readonly check: Check;
  /** kg the margin has to be at least. */
  readonly need: number;
  readonly line: Bound;
  /** A second line of which either is enough. */
  readonly other?: Bound;
}

export interface GuardOptions {
  /** The usual band of the load on the coupling counts as a limit. */
  readonly band: boolean;
  /** Limits are kept by the owner's reserve and two standard deviations; by check, where one is known better than the plan's own. */
  readonly certain: boolean;
  readonly sigmas?: ReadonlyMap<string, number>;
}

/** What a packing has to keep, and what nobody can keep since nobody can judge it. */
export interface Guarded {
  readonly guards: readonly Guard[];
  readonly unjudged: readonly Check[];
  /** Both edges of the usual band at each moment, lower first; none where it is not known. */
  readonly bands: readonly (readonly [Bound, Bound])[];
}

/**
 * The limits of law and maker, the places' ratings and the usual band at all moments, as lines in what is decided: exact, since every
 * load is linear in the masses. A limit that comes to the same line at several moments is there once, where it is least.
 */
export function guardsOf(moments: readonly RigView[], effects: readonly Effect[], options: GuardOptions): Guarded {
  const guards = new Map<string, Guard[]>();
  const unjudged = new Map<string, Check>();
  const bands: (readonly [Bound, Bound])[] = [];
  moments.forEach((view, moment) => {
    const { checks } = judge(view);
    const amounts = effects.map((effect) => [{ ...effect, mass: effect.masses[moment] ?? 0 }]);
    for (const check of checks) {
      const advised = check.role === 'band';
      if (!comparesLoad(check) || check.status === 'notApplicable' || !(binds(check) || advised)) continue;
      const { margin, doubt } = marginOf(check);
      if (margin === null) {
        if (!advised) unjudged.set(check.id, check);
        continue;
      }
      if (advised && !options.band) continue;
      const [line, other] = limitLine(check, amounts, margin)?.bounds ?? [];
      const need = needOf(view, check, margin, doubt, options);
      if (line) put(guards, { check, need, line, ...(other ? { other } : {}) });
    }
    const edges = (['min', 'max'] as const).flatMap((sense) => {
      const edge = checks.find((check) => check.role === 'band' && check.sense === sense && check.margin !== null);
      const line = edge && limitLine(edge, amounts);
      return line ? [line.bounds[0]] : [];
    });
    const [low, high] = edges;
    if (low && high) bands.push([low, high]);
  });
  const all = [...guards.values()].flat();
  return { guards: all, unjudged: [...unjudged.values()].filter(({ id }) => !guards.has(id)), bands };
}

/** A check that what is usual leaves open has a margin all the same: it is to get no worse by packing. */
function marginOf({ margin, demand, limit, sense, use }: Check): { margin: number | null; doubt: boolean } {
  if (margin !== null) return { margin, doubt: false };
  if (sense !== 'max' || demand === null || limit === null || !use) return { margin: null, doubt: false };
  return { margin: limit - demand, doubt: true };
}

function needOf(
  { situation }: RigView,
  check: Check,
  margin: number,
  doubt: boolean,
  { certain, sigmas }: GuardOptions,
): number {
  const wide = 2 * (sigmas?.get(check.id) ?? check.sigma ?? 0);
  // Of the advised band there is no being certain: it is as wide as it is.
  if (certain && binds(check)) return Math.max(situation.reserve ?? 0, wide);
  return doubt ? Math.min(margin, wide) : 0;
}

function put(guards: Map<string, Guard[]>, guard: Guard): void {
  const known = guards.get(guard.check.id);
  if (!known) return void guards.set(guard.check.id, [guard]);
  const at = known.findIndex((one) => !one.other && !guard.other && sameLoss(one.line, guard.line));
  const like = known[at];
  if (!like) known.push(guard);
  else if (guard.line.margin - guard.need < like.line.margin - like.need) known[at] = guard;
}

const sameLoss = (a: Bound, b: Bound): boolean =>
  a.loss.every((one, at) => Math.abs(one - (b.loss[at] ?? 0)) <= 1e-9 * Math.max(1, Math.abs(one)));

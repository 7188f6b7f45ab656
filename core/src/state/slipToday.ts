import type { Combination } from '../scale/combination.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { PartRow } from '../statics/row.ts';
import { effectOn, effectsOf, type Change, type Effects, type Reaches } from './changes.ts';
import type { Known } from './known.ts';

/** What one slip settles, and what came and went since. */
export interface Slip {
  /** What its readings settle of a combination: each reading's weight, in their order, and one standard deviation of each. */
  readonly estimate: (of: Combination) => { readonly value: number; readonly weights: readonly number[] } | null;
  readonly sigmas: readonly number[];
  /** Readings that cannot be right beside the others, by their order. */
  readonly suspects: readonly number[];
  readonly changes: readonly Change[];
  /** Nobody knows how the rig was loaded: shown, and nothing is within by it. */
  readonly unsure: boolean;
  /** The rig was coupled then as it is now; where not, coupled loads are put together anew of the bodies'. */
  readonly coupledAlike: boolean;
}

/** How a rig's loads change with what is put on it. */
export interface Levers {
  /** Front to rear axle, and coupling to axles, m. */
  readonly span: Readonly<Record<Side, number | undefined>>;
  readonly reaches: Reaches;
}

/** The two supports of a body: at its datum, and at its span from there. */
export const ends: Readonly<Record<Side, { readonly near: string; readonly far: string }>> = {
  vehicle: { near: 'F', far: 'R' },
  trailer: { near: 'B', far: 'G' },
};

/** The loads of a body by itself as combinations: each end, and both. */
export const bodyCombinations: Readonly<Record<Side, Readonly<Record<'near' | 'far' | 'sum', Combination>>>> = {
  vehicle: { near: { F: 1 }, far: { R: 1 }, sum: { F: 1, R: 1 } },
  trailer: { near: { B: 1 }, far: { G: 1 }, sum: { B: 1, G: 1 } },
};

/**
 * One kg at x of a body in a combination of the bodies' loads. null for a body: a length is missing that it leans on there; for both: it
 * is of loads that nobody can tell from the bodies'.
 */
export function rowOf(of: Combination, { span }: Levers): PartRow {
  const own = ['F', 'R', 'B', 'G'];
  if (Object.keys(of).some((name) => !own.includes(name))) return { vehicle: null, trailer: null };
  const part = (side: Side): PartRow['vehicle'] => {
    const [near, far] = [of[ends[side].near] ?? 0, of[ends[side].far] ?? 0];
    if (near === far) return { at0: near, perMetre: 0 };
    const length = span[side];
    return length === undefined ? null : { at0: near, perMetre: (far - near) / length };
  };
  return { vehicle: part('vehicle'), trailer: part('trailer') };
}

/** What came and went since a slip is asked for many loads of one rig. */
const effects = new WeakMap<readonly Change[], { readonly reaches: Reaches; readonly of: Effects }>();

/** What came and went since a slip comes to, for a load of any row. */
export function sinceThen({ changes }: Slip, { reaches }: Levers): Effects {
  const known = effects.get(changes);
  if (known?.reaches === reaches) return known.of;
  const of = effectsOf(changes, reaches);
  effects.set(changes, { reaches, of });
  return of;
}

/**
 * A combination of loads as a slip shows it, brought to today by what came and went since.
 * @param at which slip it is, the newest 0
 * @returns null: its readings do not settle it, or the way from then to now is not known
 */
export function today(slip: Slip, at: number, of: Combination, row: PartRow, levers: Levers): Known | null {
  const found = slip.estimate(of);
  const effect = found && effectOn(sinceThen(slip, levers), row);
  if (!found || !effect) return null;
  const doubts = new Map(effect.doubts);
  let contradicted = false;
  found.weights.forEach((weight, index) => {
    if (Math.abs(weight) < 1e-9) return;
    doubts.set(`slip ${String(at)} reading ${String(index)}`, weight * (slip.sigmas[index] ?? 0));
    if (slip.suspects.includes(index) && Math.abs(weight) > 1e-6) contradicted = true;
  });
  return {
    value: found.value + effect.value,
    doubts,
    by: 'weighed',
    slips: new Set([at]),
    contradicted,
    unsure: slip.unsure,
  };
}

import type { Compiled } from '../loading/compile.ts';
import type { Missing } from '../rig/missing.ts';
import { figuresFor, type PlatedFigure } from '../rig/plate.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { regionOf, type Jurisdiction, type Region } from '../situation/situation.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check } from './check.ts';
import type { RuleFacts, RuleId } from './facts.ts';
import { judge } from './judge.ts';
import { factsIn } from './layers.ts';
import type { Value } from '../loading/compile.ts';

/** A limit read off one or more plates, lowest first. */
export interface Limit {
  readonly value: number | null;
  readonly figures: readonly PlatedFigure[];
  readonly missing: readonly Missing[];
}

/** Plates and mass checks follow the country in which the body is registered. */
export const placeOf = (compiled: Compiled, side: Side): Jurisdiction => compiled.view.situation[side];

export const factsFor = (compiled: Compiled, side: Side, rule: RuleId): RuleFacts | null =>
  factsIn(placeOf(compiled, side))[rule] ?? null;

export const regionFor = (compiled: Compiled, side: Side): Region => regionOf(placeOf(compiled, side).country);

/** The lowest figure of the bodies asked; unknown when the first of them, whose limit it is, states none. */
export function plated(compiled: Compiled, limit: LimitName, holders: readonly Side[]): Limit {
  const [first, second] = holders;
  const holder = first && compiled.view[first];
  const own = figuresFor(holder, limit);
  const others = second ? figuresFor(compiled.view[second], limit) : [];
  const figures = others.length > 0 ? [...own, ...others].sort((a, b) => a.value - b.value) : own;
  const missing: Missing[] =
    figures.length > 0 || !holder ? [] : [{ code: 'limit', body: holder.id, bodyName: holder.name, limit }];
  return { value: figures[0]?.value ?? null, figures, missing };
}

/** The reserve an owner wants kept free. */
const reserveOf = (compiled: Compiled): number => compiled.view.situation.reserve ?? 0;

type Judged = Pick<Check, 'demand' | 'sigma' | 'limit' | 'margin' | 'status' | 'missing' | 'use'>;

/** Compares a load with a most. */
export function judgeMost(compiled: Compiled, demand: Value, limit: Limit): Judged {
  const missing = [...(demand.kind === 'unknown' ? demand.missing : []), ...limit.missing];
  const known = demand.kind === 'known' ? demand : null;
  const base = { demand: known?.value ?? null, sigma: known?.sigma ?? null, limit: limit.value, missing };
  if (!known || limit.value === null) return { ...base, margin: null, status: 'unknown', use: known?.row ?? null };
  const margin = limit.value - known.value;
  return { ...base, margin, status: judge(margin, known.sigma, reserveOf(compiled)), use: known.row };
}

/** Compares a load with a least; `margin` is a value of its own, since a least may be a share of another load. */
export function judgeLeast(compiled: Compiled, demand: Value, limit: number | null, margin: Value): Judged {
  const missing = margin.kind === 'unknown' ? margin.missing : demand.kind === 'unknown' ? demand.missing : [];
  const base = { demand: demand.kind === 'known' ? demand.value : null, limit, missing };
  const sigma = demand.kind === 'known' ? demand.sigma : null;
  if (margin.kind !== 'known' || demand.kind !== 'known') {
    return { ...base, sigma, margin: null, status: 'unknown', use: null };
  }
  return {
    ...base,
    sigma,
    margin: margin.value,
    status: judge(margin.value, margin.sigma, reserveOf(compiled)),
    use: margin.row,
  };
}

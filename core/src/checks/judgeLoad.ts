import type { Loads, Mass, Value } from '../loads/loads.ts';
import { unconfirmed, type Limit } from '../rig/plated.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Check } from './check.ts';
import { judge } from './judge.ts';

/** The reserve an owner wants kept free. */
const reserveOf = (loads: Loads): number => loads.view.situation.reserve ?? 0;

/** A mass with, where it changes with what is packed, its row. */
type Demand = Mass & Partial<Pick<Extract<Value, { readonly kind: 'known' }>, 'row' | 'lengths'>>;

export type Judged = Pick<Check, 'demand' | 'sigma' | 'limit' | 'margin' | 'status' | 'missing' | 'use' | 'lengths'>;

/**
 * Compares a load with a most. A lower figure that may or may not hold is used where the load keeps it anyway; where it
 * would decide, nothing is decided.
 */
export function judgeMost(loads: Loads, demand: Demand, limit: Limit): Judged {
  const missing = [...(demand.kind === 'unknown' ? demand.missing : []), ...limit.missing];
  const known = demand.kind === 'known' ? demand : null;
  const base = { demand: known?.value ?? null, sigma: known?.sigma ?? null, limit: limit.value, missing };
  const unknown = { ...base, margin: null, status: 'unknown', use: known?.row ?? null } as const;
  if (!known || limit.value === null) return unknown;
  const lowest = Math.min(limit.value, ...limit.doubtful.map((figure) => figure.value));
  const keepsAll = known.value <= lowest + massTolerance;
  if (!keepsAll && known.value <= limit.value + massTolerance) {
    const { vehicle, trailer, camper } = loads.view;
    const name = limit.doubtful[0]?.limit;
    return name
      ? { ...unknown, missing: [...missing, ...unconfirmed([vehicle, trailer, camper], name, limit.doubtful)] }
      : unknown;
  }
  const counted = keepsAll ? lowest : limit.value;
  const margin = counted - known.value;
  const status = judge(margin, known.sigma, reserveOf(loads));
  return { ...base, limit: counted, margin, status, use: known.row ?? null, lengths: known.lengths };
}

/** Compares a load with a least; `margin` is a value of its own, since a least may be a share of another load. */
export function judgeLeast(loads: Loads, demand: Value, limit: number | null, margin: Value): Judged {
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
    status: judge(margin.value, margin.sigma, reserveOf(loads)),
    use: margin.row,
    lengths: margin.lengths,
  };
}

/** A limit nobody read off a plate: a table, a formula. */
export const givenLimit = (value: number | null): Limit => ({ value, figures: [], missing: [], doubtful: [] });

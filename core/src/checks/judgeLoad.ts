import type { Loads, Mass, OpenBy, TypicalPart, Value } from '../loads/loads.ts';
import type { Missing } from '../rig/missing.ts';
import { unconfirmed, type Limit } from '../rig/plated.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Check } from './check.ts';
import { judge } from './judge.ts';

/** The reserve an owner wants kept free. */
const reserveOf = (loads: Loads): number => loads.view.situation.reserve ?? 0;

type Known = Extract<Value, { readonly kind: 'known' }>;
/** A mass with, where it changes with what is packed, its row. */
type Demand = Mass & Partial<Pick<Known, 'row' | 'lengths' | 'typical' | 'otherwise'>>;

export type Judged = Pick<
  Check,
  'demand' | 'ways' | 'sigma' | 'limit' | 'margin' | 'status' | 'missing' | 'use' | 'lengths' | 'typical'
>;

/**
 * Compares a load with a most. A lower figure that may or may not hold is used where the load keeps it anyway; where it
 * would decide, nothing is decided.
 */
export function judgeMost(loads: Loads, demand: Demand, limit: Limit): Judged {
  const missing = both(demand.kind === 'unknown' ? demand.missing : none, limit.missing);
  if (demand.kind !== 'known') {
    const least = demand.kind === 'unknown' ? demand.atLeast : undefined;
    return least && limit.value !== null && least.value > limit.value + massTolerance
      ? overByItsPart(least, limit.value, missing)
      : notJudged(null, null, limit.value, missing, null);
  }
  const milder = mildestFirst(demand, 'low');
  const { value, sigma } = milder;
  const use = demand.row ?? null;
  if (limit.value === null) return notJudged(value, sigma, null, missing, use);
  let lowest = limit.value;
  for (const figure of limit.doubtful) lowest = Math.min(lowest, figure.value);
  const keepsAll = value <= lowest + massTolerance;
  if (!keepsAll && value <= limit.value + massTolerance) {
    const { vehicle, trailer, camper } = loads.view;
    const name = limit.doubtful[0]?.limit;
    const asked = name ? both(missing, unconfirmed([vehicle, trailer, camper], name, limit.doubtful)) : missing;
    return notJudged(value, sigma, limit.value, asked, use);
  }
  const counted = keepsAll ? lowest : limit.value;
  const margin = counted - value;
  const status = judge(margin, sigma, reserveOf(loads));
  const reason = whyOpen(demand) ?? onlyOneWay(status, milder.otherwise, (load) => counted - load);
  const open = reason ? both(missing, openFor(loads, reason)) : missing;
  if (reason && status !== 'over')
    return { ...notJudged(value, sigma, counted, open, use), ...waysOf(value, milder.otherwise) };
  const stricter = strictest(milder, 'high');
  if (stricter && stricter.value > value && status !== 'over') return judgeMost(loads, stricter, limit);
  const { lengths, typical } = demand;
  if (typical && leftOpen(margin, sigma)) return openByTypical(value, sigma, counted, missing, use, typical);
  return { demand: value, sigma, limit: counted, margin, status, missing: open, use, lengths, typical };
}

/** The lowest and the highest figure of a load of which not all can be right. */
const waysOf = (value: number, otherwise: Known['otherwise']): Pick<Judged, 'ways'> =>
  otherwise && cannotBothBe(otherwise)
    ? { ways: [Math.min(value, ...otherwise.values), Math.max(value, ...otherwise.values)] }
    : {};

const cannotBothBe = ({ open }: { readonly open: OpenBy }): boolean => open === 'figures' || open === 'contradiction';

/**
 * Within by one way to take what is known and not by another: another loadout with what nobody listed and without it, a body by each of
 * two figures that contradict each other.
 */
const onlyOneWay = (
  status: Judged['status'],
  otherwise: Known['otherwise'],
  marginOf: (value: number) => number,
): OpenBy | undefined =>
  otherwise && status !== 'over' && otherwise.values.some((value) => marginOf(value) < -massTolerance)
    ? otherwise.open
    : undefined;

/** Of figures that cannot all be right the strictest: where a load is within by all, what is left is told by it. */
const strictest = <K extends Pick<Known, 'value' | 'otherwise'>>({ otherwise, ...rest }: K, strict: 'low' | 'high') => {
  if (!otherwise || !cannotBothBe(otherwise)) return null;
  const values = [rest.value, ...otherwise.values];
  return { ...rest, value: strict === 'low' ? Math.min(...values) : Math.max(...values) };
};

/** Candidates with the mildest first: a load is past its limit only where it is so by all of them. */
function mildestFirst<K extends Pick<Known, 'value' | 'otherwise'>>(load: K, mild: 'low' | 'high'): K {
  const { value, otherwise } = load;
  if (!otherwise || !cannotBothBe(otherwise)) return load;
  const all = [value, ...otherwise.values].sort((a, b) => (mild === 'low' ? a - b : b - a));
  const [first = value, ...others] = all;
  return { ...load, value: first, otherwise: { ...otherwise, values: others } };
}

/** What is usual decides only with its whole range: two standard deviations of a load on one side of its limit. */
const leftOpen = (margin: number, sigma: number): boolean => Math.abs(margin) < 2 * sigma;

const openByTypical = (
  demand: number,
  sigma: number,
  limit: number | null,
  missing: Judged['missing'],
  use: Judged['use'],
  typical: readonly TypicalPart[],
): Judged => ({
  ...notJudged(
    demand,
    sigma,
    limit,
    both(
      missing,
      typical.map((one) => one.missing),
    ),
    use,
  ),
  typical,
});

/** What is over with a part of it alone is over, whatever the rest is. */
const overByItsPart = (
  { value, sigma }: { readonly value: number; readonly sigma: number },
  limit: number,
  missing: Judged['missing'],
): Judged => ({ ...notJudged(value, sigma, limit, missing, null), margin: limit - value, status: 'over' });

const whyOpen = ({ contradicted, open }: Extract<Mass, { readonly kind: 'known' }>): OpenBy | undefined =>
  contradicted ? 'contradiction' : open;

/**
 * Readings that cannot all be right let nothing pass, nor does a slip of an unknown load, nor a place in which something unlisted may
 * lie; what is too heavy stays too heavy, and names them.
 */
function openFor({ view }: Loads, code: OpenBy): readonly Missing[] {
  const body = view.vehicle ?? view.trailer;
  return [{ code, body: body?.id ?? '', bodyName: body?.name ?? '' }];
}

const none: readonly never[] = [];
const both = <Of>(first: readonly Of[], second: readonly Of[]): readonly Of[] =>
  first.length === 0 ? second : second.length === 0 ? first : [...first, ...second];

const notJudged = (
  demand: number | null,
  sigma: number | null,
  limit: number | null,
  missing: Judged['missing'],
  use: Judged['use'],
): Judged => ({
  demand,
  sigma,
  limit,
  margin: null,
  status: 'unknown',
  missing,
  use,
  lengths: undefined,
  typical: undefined,
});

/** Compares a load with a least; `margin` is a value of its own, since a least may be a share of another load. */
export function judgeLeast(loads: Loads, demand: Value, limit: number | null, margin: Value): Judged {
  const missing = margin.kind === 'unknown' ? margin.missing : demand.kind === 'unknown' ? demand.missing : [];
  const [value, sigma] = demand.kind === 'known' ? [demand.value, demand.sigma] : [null, null];
  if (margin.kind !== 'known' || demand.kind !== 'known') return notJudged(value, sigma, limit, missing, null);
  const milder = mildestFirst(margin, 'high');
  const status = judge(milder.value, margin.sigma, reserveOf(loads));
  const { row: use, lengths, typical } = margin;
  const reason = whyOpen(margin) ?? onlyOneWay(status, milder.otherwise, (left) => left);
  const open = reason ? both(missing, openFor(loads, reason)) : missing;
  if (reason && status !== 'over')
    return { ...notJudged(value, sigma, limit, open, use), ...waysOf(demand.value, demand.otherwise) };
  const stricter = strictest(milder, 'low');
  if (stricter && stricter.value < milder.value && status !== 'over')
    return judgeLeast(loads, strictest(demand, 'low') ?? demand, limit, stricter);
  if (typical && leftOpen(milder.value, margin.sigma))
    return openByTypical(demand.value, demand.sigma, limit, missing, use, typical);
  return { demand: value, sigma, limit, margin: milder.value, status, missing: open, use, lengths, typical };
}

/** A limit nobody read off a plate: a table, a formula. */
export const givenLimit = (value: number | null): Limit => ({ value, figures: [], missing: [], doubtful: [] });

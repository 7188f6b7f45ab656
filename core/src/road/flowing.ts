import type { Flow, Consumable } from './roadEvent.ts';
import { keyOf, type Levels } from './tanks.ts';

/** A part of a stretch on which every tank changes evenly. Shares of the stretch, 0 to 1. */
export interface EvenPart {
  readonly from: number;
  readonly to: number;
  readonly before: Levels;
  readonly after: Levels;
  /** What happened at its end; null: the stretch is over. */
  readonly ends: { readonly of: Consumable; readonly runs: 'empty' | 'full' } | null;
}

/** So much of a store: L, of gas and food kg. */
export interface Amount {
  readonly of: Consumable;
  readonly amount: number;
}

/** What a stretch came to, and what was wanted in vain or went overboard, L. */
export interface Flowed {
  readonly parts: readonly EvenPart[];
  readonly short: readonly Amount[];
  readonly spilt: readonly Amount[];
}

const almost = 1e-9;

/** A flow with the keys of its ends; null: from or to nowhere, or a tank of unknown size. */
interface KeyedFlow {
  readonly from: string | null;
  readonly to: string | null;
  readonly amount: number;
}

/**
 * Lets stores go evenly over a stretch. An empty tank gives no more than comes into it, what is wanted beyond that is short; a full
 * one keeps no more than goes out of it, what comes beyond that is spilt. A tank of unknown size is no part of it: what is wanted
 * from there comes, what goes there is gone. Nothing is lost: what leaves a tank is in another, used up, or told as spilt.
 * @param flows amounts over the whole stretch
 */
export function flowing(start: Levels, flows: readonly Flow[]): Flowed {
  const known = (store: Flow['from']): string | null => {
    const key = store && keyOf(store);
    return key !== null && start.has(key) ? key : null;
  };
  const keyed = flows.map(({ from, to, amount }): KeyedFlow => ({ from: known(from), to: known(to), amount }));
  const touched = new Set(keyed.flatMap(({ from, to }) => [from, to]).filter((key) => key !== null));
  const parts: EvenPart[] = [];
  const short = new Map<string, Amount>();
  const spilt = new Map<string, Amount>();
  let levels = start;
  let at = 0;
  // Each tank turns at most once between two turns of others, so that this ends; the bound is for what nobody thought of.
  for (let step = 0; step <= 4 * (touched.size + 1); step += 1) {
    const rates = ratesOf(levels, touched, keyed);
    const turn = nextTurn(levels, rates, 1 - at);
    const to = turn ? at + turn.after : 1;
    const after = moved(levels, rates, to - at);
    for (const [key, rate] of rates) {
      addTo(short, key, rate.of, (to - at) * rate.short);
      addTo(spilt, key, rate.of, (to - at) * rate.spilt);
    }
    parts.push({ from: at, to, before: levels, after, ends: turn && { of: turn.of, runs: turn.runs } });
    levels = after;
    at = to;
    if (!turn) break;
  }
  return { parts, short: [...short.values()], spilt: [...spilt.values()] };
}

/** What a store gains over a whole stretch as things stand, what is wanted of it in vain and what it cannot keep, L. */
interface Rate {
  readonly of: Consumable;
  readonly gains: number;
  readonly short: number;
  readonly spilt: number;
}

function ratesOf(levels: Levels, touched: ReadonlySet<string>, flows: readonly KeyedFlow[]): ReadonlyMap<string, Rate> {
  /** Share of a flow that its store can give. */
  const given = flows.map(() => 1);
  const into = (key: string) =>
    flows.reduce((sum, { to, amount }, n) => (to === key ? sum + amount * (given[n] ?? 1) : sum), 0);
  const wanted = (key: string) => flows.reduce((sum, { from, amount }) => (from === key ? sum + amount : sum), 0);
  const empty = [...touched].filter((key) => (levels.get(key)?.amount ?? 0) <= almost && wanted(key) > 0);
  // An empty tank passes on what comes into it; what it passes on may feed another empty one, and so on along the chain.
  for (let round = 0; round <= empty.length && empty.length > 0; round += 1) {
    for (const key of empty) {
      const share = Math.min(1, into(key) / wanted(key));
      flows.forEach(({ from }, n) => {
        if (from === key) given[n] = share;
      });
    }
  }
  const rates = new Map<string, Rate>();
  for (const key of touched) {
    const store = levels.get(key);
    if (!store) continue;
    const goes = flows.reduce((sum, { from, amount }, n) => (from === key ? sum + amount * (given[n] ?? 1) : sum), 0);
    const net = into(key) - goes;
    const spilt = store.amount >= store.capacity - almost && net > 0 ? net : 0;
    rates.set(key, { of: store.of, gains: net - spilt, short: wanted(key) - goes, spilt });
  }
  return rates;
}

interface Turn {
  readonly after: number;
  readonly of: Consumable;
  readonly runs: 'empty' | 'full';
}

/** The first store to run empty or full within what is left of the stretch. */
function nextTurn(levels: Levels, rates: ReadonlyMap<string, Rate>, left: number): Turn | null {
  let first: Turn | null = null;
  for (const [key, { of, gains }] of rates) {
    const store = levels.get(key);
    if (!store || gains === 0) continue;
    const { amount, capacity } = store;
    const runs = gains < 0 ? 'empty' : 'full';
    const room = gains < 0 ? amount : capacity - amount;
    const after = room / Math.abs(gains);
    if (room > almost && after < left - almost && (!first || after < first.after)) first = { after, of, runs };
  }
  return first;
}

function moved(levels: Levels, rates: ReadonlyMap<string, Rate>, share: number): Levels {
  const after = new Map(levels);
  for (const [key, { gains }] of rates) {
    const store = levels.get(key);
    if (!store || gains === 0) continue;
    const amount = Math.min(store.capacity, Math.max(0, store.amount + share * gains));
    after.set(key, { ...store, amount });
  }
  return after;
}

function addTo(sums: Map<string, Amount>, key: string, of: Consumable, amount: number): void {
  if (amount > almost) sums.set(key, { of, amount: amount + (sums.get(key)?.amount ?? 0) });
}

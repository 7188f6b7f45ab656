import type { Flow, TankOf } from './roadEvent.ts';
import { keyOf, withLitres, type Levels } from './tanks.ts';

/** A part of a stretch on which every tank changes evenly. Shares of the stretch, 0 to 1. */
interface EvenPart {
  readonly from: number;
  readonly to: number;
  readonly before: Levels;
  readonly after: Levels;
  /** What happened at its end; null: the stretch is over. */
  readonly ends: { readonly tank: TankOf; readonly runs: 'empty' | 'full' } | null;
}

interface Litres {
  readonly tank: TankOf;
  readonly litres: number;
}

/** What a stretch came to, and what was wanted in vain or went overboard, L. */
export interface Flowed {
  readonly parts: readonly EvenPart[];
  readonly short: readonly Litres[];
  readonly spilt: readonly Litres[];
}

const almost = 1e-9;

/**
 * Lets liquids go evenly over a stretch. An empty tank gives no more than comes into it, what is wanted beyond that is short; a full
 * one keeps no more than goes out of it, what comes beyond that is spilt. A tank of unknown size is no part of it: what is wanted
 * from there comes, what goes there is gone. Nothing is lost: what leaves a tank is in another, used up, or told as spilt.
 * @param flows litres over the whole stretch
 */
export function flowing(start: Levels, flows: readonly Flow[]): Flowed {
  const parts: EvenPart[] = [];
  const short = new Map<string, Litres>();
  const spilt = new Map<string, Litres>();
  let levels = start;
  let at = 0;
  // Each tank turns at most once between two turns of others, so that this ends; the bound is for what nobody thought of.
  for (let step = 0; step <= 4 * (start.size + 1); step += 1) {
    const rates = ratesOf(levels, flows);
    const turn = nextTurn(levels, rates, 1 - at);
    const to = turn ? at + turn.after : 1;
    const after = moved(levels, rates, to - at);
    for (const [sums, key] of [
      [short, 'short'],
      [spilt, 'spilt'],
    ] as const)
      for (const rate of rates.values()) addTo(sums, rate.of, (to - at) * rate[key]);
    parts.push({ from: at, to, before: levels, after, ends: turn && { tank: turn.tank, runs: turn.runs } });
    levels = after;
    at = to;
    if (!turn) break;
  }
  return { parts, short: [...short.values()], spilt: [...spilt.values()] };
}

/** What a tank gains over a whole stretch as things stand, what is wanted of it in vain and what it cannot keep, L. */
interface Rate {
  readonly of: TankOf;
  readonly gains: number;
  readonly short: number;
  readonly spilt: number;
}

function ratesOf(levels: Levels, flows: readonly Flow[]): ReadonlyMap<string, Rate> {
  /** Share of a flow that its tank can give. */
  const given = new Map(flows.map((flow) => [flow, 1]));
  const into = (tank: TankOf) => sumOf(flows, ({ to }) => to, tank, given);
  const wanted = (tank: TankOf) => sumOf(flows, ({ from }) => from, tank);
  // An empty tank passes on what comes into it; what it passes on may feed another empty one, and so on along the chain.
  for (let round = 0; round <= levels.size; round += 1) {
    for (const { of, litres } of levels.values()) {
      const out = wanted(of);
      if (litres > almost || out <= 0) continue;
      const share = Math.min(1, into(of) / out);
      for (const flow of flows) if (flow.from && keyOf(flow.from) === keyOf(of)) given.set(flow, share);
    }
  }
  return new Map(
    [...levels].map(([key, { of, litres, capacity }]) => {
      const out = wanted(of);
      const goes = sumOf(flows, ({ from }) => from, of, given);
      const net = into(of) - goes;
      const spilt = litres >= capacity - almost && net > 0 ? net : 0;
      return [key, { of, gains: net - spilt, short: out - goes, spilt }] as const;
    }),
  );
}

const sumOf = (
  flows: readonly Flow[],
  end: (flow: Flow) => TankOf | null,
  tank: TankOf,
  given?: ReadonlyMap<Flow, number>,
): number =>
  flows.reduce((sum, flow) => {
    const at = end(flow);
    return at && keyOf(at) === keyOf(tank) ? sum + flow.litres * (given?.get(flow) ?? 1) : sum;
  }, 0);

interface Turn {
  readonly after: number;
  readonly tank: TankOf;
  readonly runs: 'empty' | 'full';
}

/** The first tank to run empty or full within what is left of the stretch. */
function nextTurn(levels: Levels, rates: ReadonlyMap<string, Rate>, left: number): Turn | null {
  const turns = [...levels].flatMap(([key, { of: tank, litres, capacity }]): readonly Turn[] => {
    const gains = rates.get(key)?.gains ?? 0;
    if (gains < 0 && litres > almost) return [{ after: litres / -gains, tank, runs: 'empty' }];
    if (gains > 0 && litres < capacity - almost) return [{ after: (capacity - litres) / gains, tank, runs: 'full' }];
    return [];
  });
  const [first] = turns.filter(({ after }) => after < left - almost).sort((a, b) => a.after - b.after);
  return first ?? null;
}

function moved(levels: Levels, rates: ReadonlyMap<string, Rate>, share: number): Levels {
  let after = levels;
  for (const [key, { of, litres }] of levels) {
    const gains = rates.get(key)?.gains ?? 0;
    if (gains !== 0) after = withLitres(after, of, litres + share * gains);
  }
  return after;
}

function addTo(sums: Map<string, Litres>, tank: TankOf, litres: number): void {
  if (litres <= almost) return;
  const key = keyOf(tank);
  sums.set(key, { tank, litres: litres + (sums.get(key)?.litres ?? 0) });
}

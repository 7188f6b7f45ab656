import { binds, comparesLoad, leavesOpen, type Check } from '../checks/check.ts';
import { keptRange, limitLine, lossPerKg, type KeptRange, type Spot } from '../limits/limitLine.ts';
import { tankContents } from '../loading/tankContents.ts';
import { placedBodies } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { Assessment } from '../verdict/assess.ts';

/** How full one tank may be, all else as it is. Levels 0 to 1. */
export interface WaterTrim {
  readonly body: string;
  readonly tank: string;
  readonly name: string;
  readonly kind: 'fresh' | 'grey';
  readonly now: number;
  /** Every limit and the band on the coupling are kept from here to there; null: at no level. */
  readonly levels: {
    readonly from: number;
    readonly to: number;
    /** What is passed below and above; null: the tank itself ends there. */
    readonly below: Check | null;
    readonly above: Check | null;
  } | null;
  /** Limits that must be known and are not: nobody can say at which level they are kept. */
  readonly open: readonly Check[];
  /** Where no level does: what cannot be kept by it, or the two that leave nothing between them. */
  readonly never: readonly Check[];
  /** The level that brings the load on the coupling nearest to the middle of its band, within those; null: it does nothing to it. */
  readonly middle: number | null;
}

/**
 * What each water tank of known size and place can do for this rig: the levels at which every limit of the load, and the band on the
 * coupling, is kept. Exact, since every load is linear in what a tank holds.
 */
export function trimByWater({ loads, checks }: Assessment): readonly WaterTrim[] {
  const { view } = loads;
  const open = checks.filter((check) => leavesOpen(check) && check.margin === null && comparesLoad(check));
  const counted = checks.filter((check) => (binds(check) || check.role === 'band') && comparesLoad(check));
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.tanks.flatMap((tank): readonly WaterTrim[] => {
      const full = tankContents(tank, 1);
      const { kind } = tank;
      if ((kind !== 'fresh' && kind !== 'grey') || !full || tank.x === undefined || offset === null) return [];
      const now = tankLevel(view, body.id, tank.id);
      const at: Trimmed = { side, body: body.id, x: offset + tank.x, full, now };
      const { levels, never } = levelsOf(counted, at);
      const middle = levels && middleOf(checks, at, levels);
      return [{ body: body.id, tank: tank.id, name: tank.name, kind, now, levels, open, never, middle }];
    }),
  );
}

/** A tank where it is. */
interface Trimmed extends Spot {
  /** kg of the full tank. */
  readonly full: number;
  readonly now: number;
}

/** Rounding, as a share of a tank. */
const rounding = 1e-9;

function levelsOf(checks: readonly Check[], at: Trimmed): Pick<WaterTrim, 'levels' | 'never'> {
  let [from, to] = [0, 1];
  let below: Check | null = null;
  let above: Check | null = null;
  for (const check of checks) {
    const range = rangeOf(check, at);
    if (!range) return { levels: null, never: [check] };
    if (range.from > from) [from, below] = [range.from, check];
    if (range.to < to) [to, above] = [range.to, check];
  }
  if (from <= to + rounding) return { levels: { from, to: Math.max(from, to), below, above }, never: [] };
  return { levels: null, never: [below, above].filter((check) => check !== null) };
}

/** The levels that keep one check; one nobody can judge, or that water does not reach, forbids none. null: none keeps it. */
function rangeOf(check: Check, { full, now, ...spot }: Trimmed): KeptRange | null {
  const line = limitLine(check, [[{ ...spot, mass: full }]]);
  if (!line || (check.place && lossPerKg(check, spot) === 0)) return { from: -Infinity, to: Infinity };
  const tanks = keptRange(line);
  return tanks && { from: now + tanks.from, to: now + tanks.to };
}

/** The level at which both edges of the band are equally far away, held within what is allowed. */
function middleOf(checks: readonly Check[], at: Trimmed, { from, to }: KeptRange): number | null {
  const [low, high] = (['min', 'max'] as const).map((sense) =>
    checks.find((check) => check.role === 'band' && check.sense === sense && check.margin !== null),
  );
  if (!low || !high || low.margin === null || high.margin === null) return null;
  const apart = lossPerKg(low, at) - lossPerKg(high, at);
  if (Math.abs(apart) <= rounding) return null;
  const level = at.now + (low.margin - high.margin) / (apart * at.full);
  return Math.min(to, Math.max(from, level));
}

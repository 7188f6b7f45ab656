import { couplingPosition, effectiveOverhang, effectiveWheelbase, type RigLengths } from '../statics/rigRows.ts';
import { sumOf, type Combination } from '../scale/combination.ts';
import type { Reading, WeighedPart } from '../loading/ticket.ts';

/** The lengths a reading leans on; `jockey` is how far behind the coupling the jockey wheel stands, m. */
export interface WeighingLengths extends Omit<RigLengths, 'trailer'> {
  readonly trailer?:
    (NonNullable<RigLengths['trailer']> & { readonly axles?: number; readonly equalises?: boolean }) | undefined;
  readonly jockey?: number | undefined;
}

const F: Combination = { F: 1 };
const R: Combination = { R: 1 };
const B: Combination = { B: 1 };
const G: Combination = { G: 1 };
const tau: Combination = { tau: 1 };
const none: Combination = {};

/**
 * The loads under one state of the rig. Equations of statics as for the plan: front F − B'·h/W + τ/W, rear
 * R + B'·(W+h)/W − τ/W, B' = B − τ/A, trailer axles G + τ/A. Where a length is missing, the load in question is an unknown
 * of its own and the rest follows from what the wheels carry together.
 */
export function weighedLoads(
  lengths: WeighingLengths,
  state: Pick<Reading, 'state' | 'bars' | 'support'>,
): Readonly<Record<WeighedPart, Combination>> {
  const own = state.state === 'coupled' ? coupled(lengths, state.bars ?? false) : uncoupled(lengths, state.support);
  const { tagAxle } = lengths.vehicle ?? {};
  const share = tagAxle?.driveShare ?? 1;
  return {
    ...own,
    ...axlesOf(own.trailer, lengths.trailer, state),
    drive: sumOf([share, own.rear]),
    tag: tagAxle ? sumOf([1 - share, own.rear]) : none,
  };
}

type AxleOfGroup = 'axle1' | 'axle2' | 'axle3';
type Loads = Readonly<Record<Exclude<WeighedPart, 'drive' | 'tag' | AxleOfGroup>, Combination>>;

/**
 * The axles of a trailer's group. Where rockers make them equal each has its share, so that one stands for the group. Else how
 * they share is not assumed: each but the last is an unknown of its own in each way the trailer stands, the last has the rest.
 */
function axlesOf(
  group: Combination,
  trailer: WeighingLengths['trailer'],
  { state, bars, support }: Pick<Reading, 'state' | 'bars' | 'support'>,
): Readonly<Record<AxleOfGroup, Combination>> {
  const { axles: count = 1, equalises = false } = trailer ?? {};
  if (equalises) {
    const each = sumOf([1 / count, group]);
    return { axle1: each, axle2: count > 1 ? each : none, axle3: count > 2 ? each : none };
  }
  const way = state === 'coupled' ? (bars ? 'with bars' : 'coupled') : (support ?? 'ball');
  const own = (['axle1', 'axle2'] as const).slice(0, count - 1).map((name) => ({ [`${name} ${way}`]: 1 }));
  const last = sumOf([1, group], ...own.map((one) => [-1, one] as const));
  const all = [...own, last];
  return { axle1: all[0] ?? none, axle2: all[1] ?? none, axle3: all[2] ?? none };
}

function coupled(lengths: WeighingLengths, bars: boolean): Loads {
  const axles = lengths.trailer?.axlePosition;
  const suffix = bars ? 'WithBars' : '';
  const lever = bars && axles !== undefined ? 1 / axles : null;
  const ball = !bars ? B : lever === null ? { [`ball${suffix}`]: 1 } : sumOf([1, B], [-lever, tau]);
  // Whatever the bars take off the coupling, the trailer's axles carry.
  const trailer = sumOf([1, G], [1, B], [-1, ball]);
  const vehicle = sumOf([1, F], [1, R], [1, ball]);
  const wheelbase = effectiveWheelbase(lengths);
  const overhang = couplingPosition(lengths) === undefined ? undefined : effectiveOverhang(lengths);
  const known = wheelbase !== undefined && overhang !== undefined && (!bars || lever !== null);
  const front = known
    ? sumOf([1, F], [-overhang / wheelbase, ball], [bars ? 1 / wheelbase : 0, tau])
    : { [`front${suffix}`]: 1 };
  return { front, rear: sumOf([1, vehicle], [-1, front]), trailer, jockey: none, ball };
}

/** On its jockey wheel at x_j a trailer shows B·A/(A − x_j) there, and the rest of its mass on the axles. */
function uncoupled({ trailer, jockey }: WeighingLengths, support: Reading['support']): Loads {
  const axles = trailer?.axlePosition;
  const known = axles !== undefined && jockey !== undefined && axles > jockey;
  const under = support !== 'jockey' ? none : known ? sumOf([axles / (axles - jockey), B]) : { jockey: 1 };
  return {
    front: F,
    rear: R,
    ball: support === 'jockey' ? none : B,
    jockey: under,
    trailer: support === 'jockey' ? sumOf([1, B], [1, G], [-1, under]) : G,
  };
}

/** What has a left and a right: half of it each, and what rolls over to the left. Nothing of the nose does. */
function partsOfSide(part: WeighedPart, of: Combination, side: Reading['side']): readonly Times[] {
  if (!side || part === 'ball' || part === 'jockey' || Object.keys(of).length === 0) return [[1, of]];
  return [
    [0.5, of],
    [side === 'left' ? 1 : -1, { [rollOf(part)]: 1 }],
  ];
}
type Times = readonly [times: number, of: Combination];

/** The unknown that tells left from right of a part: kg by which its left wheels bear more than half. */
export const rollOf = (part: WeighedPart): string => `roll ${part}`;

/** What a reading adds up, or null where nothing of it stood on the plate. */
export function readingOf(lengths: WeighingLengths, reading: Reading): Combination | null {
  const loads = weighedLoads(lengths, reading);
  const parts = [...new Set(reading.on)];
  const sum = sumOf(...parts.flatMap((part) => partsOfSide(part, loads[part], reading.side)));
  return Object.keys(sum).length > 0 ? sum : null;
}

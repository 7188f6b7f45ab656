import type { Message } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import type { Row } from './row.ts';

/** Lengths that loads lean on and that may not be known exactly; and a ball load that is said, in kg or as a share. */
export type DoubtfulLength =
  'wheelbase' | 'couplingOverhang' | 'tagOffset' | 'axlePosition' | 'saidBallLoad' | 'saidBallShare';

/** How a length that is not known exactly makes a load doubtful: kg for one standard deviation of the length, with its sign. */
export interface LengthEffect {
  readonly length: DoubtfulLength;
  readonly body: string;
  readonly kg: number;
  /** It was taken as is usual: what would take its place. */
  readonly typical?: Missing | undefined;
}

export type Side = 'vehicle' | 'trailer';

/** What a load is, for explanations and for sorting out what was counted. */
export type LoadOrigin = 'empty' | 'said' | 'basis' | 'fitted' | 'fitting' | 'crew' | 'tank' | 'thing';

/** A mass at a point of a body. Negative where the empty figure contains something that must come off again. */
export interface PointLoad {
  readonly side: Side;
  readonly origin: LoadOrigin;
  /** The body it belongs to: a camper's loads rest on the vehicle and are its own. */
  readonly body: string;
  /** Whose mass it is in the file: a thing, a crew member, a tank, a part. */
  readonly id: string;
  /** Of a thing the place it lies in. */
  readonly place?: string | undefined;
  readonly name: Message;
  readonly mass: number;
  /** One standard deviation of the mass, kg. */
  readonly sigma: number;
  /** m on its body, or null where nobody has said. */
  readonly x: number | null;
  /** One standard deviation of the position, m. */
  readonly sigmaX: number;
  /** Doubt about where it acts that is no doubt of its own x, kg·m: how an empty body's load is shared. */
  readonly sigmaMoment?: number | undefined;
  /** The seat, tank or place it is at, where that has a ± of its own (m, one standard deviation): all that is there is off together. */
  readonly at?: { readonly key: string; readonly sigma: number; readonly typical?: Missing | undefined } | undefined;
  /** Its doubt about where it acts comes of taking what is usual: what would take its place. */
  readonly typical?: Missing | undefined;
  /** m by which x moves for a metre more of a length: an empty body given by its loads keeps them, wherever its axles are. */
  readonly follows?: Readonly<Partial<Record<DoubtfulLength, number>>> | undefined;
  /** m to the left of the centre line; left out: on it, as far as anybody has said. */
  readonly y?: number | undefined;
  /** One standard deviation of y, m. */
  readonly sigmaY?: number | undefined;
}

/** What evaluation needs of all loads of one body: a few sums, so that any row's value and ± cost a handful of products. */
export interface LoadSums {
  readonly mass: number;
  readonly moment: number;
  /** Σσ², Σσ²x, Σσ²x² and Σm²σx². */
  readonly variance: number;
  readonly varianceX: number;
  readonly varianceXX: number;
  readonly spread: number;
}

/** One standard deviation of a load's moment for not knowing where it acts, kg·m. */
export const momentSigma = ({ mass, sigmaX, sigmaMoment }: PointLoad): number =>
  sigmaMoment === undefined ? mass * sigmaX : Math.hypot(mass * sigmaX, sigmaMoment);

/** Sums over the loads of one side. A load without position counts in the totals and not in the moments. */
export function sumLoads(loads: readonly PointLoad[], side: Side): LoadSums {
  let mass = 0;
  let moment = 0;
  let variance = 0;
  let varianceX = 0;
  let varianceXX = 0;
  let spread = 0;
  for (const load of loads) {
    if (load.side !== side) continue;
    const x = load.x ?? 0;
    const v = load.sigma * load.sigma;
    const s = momentSigma(load);
    mass += load.mass;
    moment += load.mass * x;
    variance += v;
    varianceX += v * x;
    varianceXX += v * x * x;
    spread += s * s;
  }
  return { mass, moment, variance, varianceX, varianceXX, spread };
}

/** Value of a row: Σ m·(at0 + perMetre·x) over both bodies, and what is fixed, kg. */
export const rowValue = (row: Row, vehicle: LoadSums, trailer: LoadSums): number =>
  row.vehicle.at0 * vehicle.mass +
  row.vehicle.perMetre * vehicle.moment +
  row.trailer.at0 * trailer.mass +
  row.trailer.perMetre * trailer.moment +
  (row.fixed ?? 0);

/** Standard deviation of a row, kg, first order: Σ (at0 + perMetre·x)²σ² + (perMetre·m)²σx². */
export function rowSigma(row: Row, vehicle: LoadSums, trailer: LoadSums): number {
  return Math.sqrt(Math.max(0, bodyVariance(row.vehicle, vehicle) + bodyVariance(row.trailer, trailer)));
}

const bodyVariance = ({ at0, perMetre }: Row['vehicle'], sums: LoadSums): number =>
  at0 * at0 * sums.variance +
  2 * at0 * perMetre * sums.varianceX +
  perMetre * perMetre * (sums.varianceXX + sums.spread);

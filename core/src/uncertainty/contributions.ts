import { message, type Message } from '../messages/message.ts';
import { momentSigma, type LengthEffect, type LoadOrigin, type PointLoad } from '../statics/pointLoad.ts';
import { influenceAt, type Row } from '../statics/row.ts';

/** What one thing adds to the doubt about a load. */
export interface Contribution {
  readonly id: string;
  readonly body: string;
  readonly origin: LoadOrigin | 'length';
  readonly name: Message;
  /** kg². */
  readonly variance: number;
  /** Of the whole variance, 0 to 1. */
  readonly share: number;
  /** Of its own part, how much comes from not knowing where it lies rather than what it weighs, 0 to 1. */
  readonly byPlace: number;
}

/** (∂/∂m)²·σ_m² + (∂/∂x)²·σ_x² of one load for one row. */
function variances(load: PointLoad, row: Row): { readonly mass: number; readonly place: number } {
  const byMass = influenceAt(row, load.side, load.x ?? 0) * load.sigma;
  const byPlace = row[load.side].perMetre * momentSigma(load);
  return { mass: byMass * byMass, place: byPlace * byPlace };
}

type Part = Pick<Contribution, 'id' | 'body' | 'origin' | 'name'> & { mass: number; place: number };

/**
 * Who causes the doubt about a load, most first: the things worth weighing, the lengths worth measuring again. First order,
 * every thing by itself.
 */
export function contributions(
  points: readonly PointLoad[],
  row: Row,
  lengths: readonly LengthEffect[] = [],
): readonly Contribution[] {
  const found = new Map<string, Part>();
  for (const load of points) {
    const { mass, place } = variances(load, row);
    if (mass + place === 0) continue;
    const key = `${load.body}/${load.origin}/${load.id}`;
    const { id, body, origin, name } = load;
    const sum = found.get(key) ?? { id, body, origin, name, mass: 0, place: 0 };
    sum.mass += mass;
    sum.place += place;
    found.set(key, sum);
  }
  for (const { length, body, kg } of lengths) {
    const name = message(`length.${length}`);
    if (kg !== 0) found.set(`${body}/${length}`, { id: length, body, origin: 'length', name, mass: 0, place: kg * kg });
  }
  const total = [...found.values()].reduce((sum, one) => sum + one.mass + one.place, 0);
  return [...found.values()]
    .map(({ mass, place, ...whose }) => ({
      ...whose,
      variance: mass + place,
      share: (mass + place) / total,
      byPlace: place / (mass + place),
    }))
    .sort((a, b) => b.variance - a.variance);
}

/** Fewer than this share of the whole, and weighing it would not be noticed. */
const worthwhile = 0.05;
const longest = 5;

/** The few things whose weighing, or measuring of their place, would make a load known better. */
export const worthWeighing = (
  points: readonly PointLoad[],
  row: Row,
  lengths: readonly LengthEffect[] = [],
): readonly Contribution[] =>
  contributions(points, row, lengths)
    .filter((one) => one.share >= worthwhile)
    .slice(0, longest);

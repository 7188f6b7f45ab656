import type { PointLoad, Side } from '../statics/pointLoad.ts';
import type { PartRow } from '../statics/row.ts';

/** From where to where something may lie on a body, m from its datum. */
type Reach = { readonly from: number; readonly to: number } | null;
export type Reaches = Readonly<Record<Side, Reach>>;

/** One thing, person, tank or part as it was on the scale and as it is now; what is on one side only came or went. */
export interface Change {
  readonly key: string;
  readonly side: Side;
  readonly before?: PointLoad | undefined;
  readonly now?: PointLoad | undefined;
}

/** Whose load it is, the same on every list. */
export const keyOf = ({ side, body, origin, id, mass }: PointLoad): string =>
  `${side}/${body}/${origin}/${id}${origin === 'fitted' || origin === 'fitting' ? (mass < 0 ? '-' : '+') : ''}`;

/** What differs between two lists of one rig, thing by thing; what lies as it lay is left out. */
export function changesBetween(before: readonly PointLoad[], now: readonly PointLoad[]): readonly Change[] {
  const pairs = new Map<string, { side: Side; before: PointLoad[]; now: PointLoad[] }>();
  const put = (load: PointLoad, when: 'before' | 'now') => {
    const key = keyOf(load);
    const found = pairs.get(key) ?? { side: load.side, before: [], now: [] };
    found[when].push(load);
    pairs.set(key, found);
  };
  for (const load of before) put(load, 'before');
  for (const load of now) put(load, 'now');
  return [...pairs].flatMap(([key, pair]) => {
    const left = pair.before.filter((one) => !takeAlike(pair.now, one));
    const count = Math.max(left.length, pair.now.length);
    return Array.from({ length: count }, (_, at) => ({
      key: count === 1 ? key : `${key}#${String(at)}`,
      side: pair.side,
      before: left[at],
      now: pair.now[at],
    }));
  });
}

/** Takes from a list what is the same as this one; tells whether there was any. */
function takeAlike(list: PointLoad[], one: PointLoad): boolean {
  const at = list.findIndex(
    ({ mass, sigma, x, sigmaX, at: place }) =>
      mass === one.mass && sigma === one.sigma && x === one.x && sigmaX === one.sigmaX && place?.key === one.at?.key,
  );
  if (at < 0) return false;
  list.splice(at, 1);
  return true;
}

/** What changes do to a load: kg, and the doubts that come with them. null: they move it, and nobody knows how. */
export interface Effect {
  readonly value: number;
  readonly doubts: ReadonlyMap<string, number>;
}

/** Middle and one standard deviation of a place that may be anywhere along a body. */
const anywhere = (reach: NonNullable<Reach>): Place => ({
  x: (reach.from + reach.to) / 2,
  sigma: (reach.to - reach.from) / 2 / Math.sqrt(3),
});

interface Place {
  readonly x: number;
  readonly sigma: number;
}

/**
 * What changes do to a load of this row, first order. Something without a place lies anywhere in its body's reach; a load that
 * does not ask where stays sharp. The same thing is as doubtful before as now: what it weighs more or less than is said goes with it.
 */
export function effectOf(changes: readonly Change[], row: PartRow, reaches: Reaches): Effect | null {
  const doubts = new Map<string, number>();
  let value = 0;
  const doubt = (source: string, kg: number) => {
    if (kg !== 0) doubts.set(source, (doubts.get(source) ?? 0) + kg);
  };
  for (const { key, side, before, now } of changes) {
    const part = row[side];
    if (!part) return null;
    const { at0, perMetre } = part;
    if (at0 === 0 && perMetre === 0) continue;
    const placed = (load: PointLoad): Place | null => {
      if (load.x !== null) return { x: load.x, sigma: load.sigmaX };
      const reach = reaches[side];
      return perMetre === 0 ? { x: 0, sigma: 0 } : reach && anywhere(reach);
    };
    for (const [load, sign] of [
      [before, -1],
      [now, 1],
    ] as const) {
      if (!load) continue;
      const place = placed(load);
      if (!place) return null;
      const influence = at0 + perMetre * place.x;
      value += sign * load.mass * influence;
      doubt(`${key} kg`, sign * load.sigma * influence);
      // Somewhere in one and the same place: as far off before as now.
      doubt(`${key} m ${String(place.x)}`, sign * load.mass * perMetre * place.sigma);
      if (load.sigmaMoment !== undefined) doubt(`${key} kg m`, sign * load.sigmaMoment * perMetre);
      if (load.at) doubt(`at ${load.at.key}`, sign * load.mass * perMetre * load.at.sigma);
    }
  }
  return { value, doubts };
}

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
export function keyOf(load: PointLoad): string {
  const known = keys.get(load);
  if (known !== undefined) return known;
  const { side, body, origin, id, mass } = load;
  const key = `${side}/${body}/${origin}/${id}${origin === 'fitted' || origin === 'fitting' ? (mass < 0 ? '-' : '+') : ''}`;
  keys.set(load, key);
  return key;
}
/** Every slip asks it of the same list. */
const keys = new WeakMap<PointLoad, string>();

/** What differs between two lists of one rig, thing by thing; what lies as it lay is left out. */
export function changesBetween(before: readonly PointLoad[], now: readonly PointLoad[]): readonly Change[] {
  const came = new Map<string, PointLoad[]>();
  for (const load of now) listAt(came, keyOf(load)).push(load);
  // Most lies as it lay: only what does not gets a list of its own.
  const went = new Map<string, PointLoad[]>();
  for (const load of before) {
    const key = keyOf(load);
    const same = came.get(key);
    if (!same || !takeAlike(same, load)) listAt(went, key).push(load);
  }
  for (const [key, list] of came) if (list.length > 0) listAt(went, key);
  return [...went].flatMap(([key, left]) => {
    const put = came.get(key) ?? [];
    const side = (left[0] ?? put[0])?.side;
    const count = Math.max(left.length, put.length);
    if (!side) return [];
    return Array.from({ length: count }, (_, at) => ({
      key: count === 1 ? key : `${key}#${String(at)}`,
      side,
      before: left[at],
      now: put[at],
    }));
  });
}

function listAt(lists: Map<string, PointLoad[]>, key: string): PointLoad[] {
  const known = lists.get(key);
  if (known) return known;
  const list: PointLoad[] = [];
  lists.set(key, list);
  return list;
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

/** A source of doubt, and what one standard deviation of it adds to a load for its row: kg at the datum, kg for each metre from it. */
type Doubt = readonly [source: string, at0: number, perMetre: number];

/** What all changes of a body come to: a load of any row follows from it. */
interface BodyEffect {
  readonly mass: number;
  /** kg·m about the body's datum. */
  readonly moment: number;
  readonly doubts: readonly Doubt[];
  /** Something has no place, and nobody knows how far the body reaches. */
  readonly placeless: boolean;
}

/**
 * What changes of one body do, first order. Something without a place lies anywhere in its body's reach; a load that does not ask where
 * stays sharp. The same thing is as doubtful before as now: what it weighs more or less than is said goes with it.
 */
function bodyEffect(changes: readonly Change[], reach: Reach): BodyEffect {
  const doubts = new Map<string, Doubt>();
  let [mass, moment, placeless] = [0, 0, false];
  const doubt = (source: string, at0: number, perMetre: number) => {
    if (at0 === 0 && perMetre === 0) return;
    const [, own, ownPerMetre] = doubts.get(source) ?? [source, 0, 0];
    doubts.set(source, [source, own + at0, ownPerMetre + perMetre]);
  };
  for (const { key, before, now } of changes) {
    for (const [load, sign] of [
      [before, -1],
      [now, 1],
    ] as const) {
      if (!load) continue;
      const place = load.x === null ? reach && anywhere(reach) : { x: load.x, sigma: load.sigmaX };
      const kg = sign * load.mass;
      placeless ||= !place;
      mass += kg;
      moment += kg * (place?.x ?? 0);
      doubt(`${key} kg`, sign * load.sigma, sign * load.sigma * (place?.x ?? 0));
      // Somewhere in one and the same place: as far off before as now.
      if (place) doubt(`${key} m ${String(place.x)}`, 0, kg * place.sigma);
      if (load.sigmaMoment !== undefined) doubt(`${key} kg m`, 0, sign * load.sigmaMoment);
      if (load.at) doubt(`at ${load.at.key}`, 0, kg * load.at.sigma);
    }
  }
  return { mass, moment, placeless, doubts: [...doubts.values()] };
}

const sides = ['vehicle', 'trailer'] as const;

/** What changes of each body do to loads of any row; null for a body: nothing of it changed. */
export type Effects = Readonly<Record<Side, BodyEffect | null>>;

/** What changes come to, once for every load that is asked for. */
export function effectsOf(changes: readonly Change[], reaches: Reaches): Effects {
  const of = (asked: Side): BodyEffect | null => {
    const own = changes.filter(({ side }) => side === asked);
    return own.length > 0 ? bodyEffect(own, reaches[asked]) : null;
  };
  return { vehicle: of('vehicle'), trailer: of('trailer') };
}

/** What changes do to a load of this row. */
export function effectOn(effects: Effects, row: PartRow): Effect | null {
  const doubts = new Map<string, number>();
  let value = 0;
  for (const side of sides) {
    const effect = effects[side];
    if (!effect) continue;
    const part = row[side];
    if (!part || (part.perMetre !== 0 && effect.placeless)) return null;
    value += part.at0 * effect.mass + part.perMetre * effect.moment;
    for (const [source, at0, perMetre] of effect.doubts) {
      const kg = part.at0 * at0 + part.perMetre * perMetre;
      if (kg !== 0) doubts.set(source, (doubts.get(source) ?? 0) + kg);
    }
  }
  return { value, doubts };
}

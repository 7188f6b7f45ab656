import { groupedBy, withoutUndefined } from '../plain/lists.ts';
import type { Loadout, Placement } from './loadout.ts';

/** How a thing lies that is put somewhere: as wet and as turned as it was. */
export const lying = (before: Placement | undefined, now: Placement): Placement =>
  withoutUndefined({ wet: before?.wet, turned: before?.turned, ...now });

/** What lies where once a thing was put somewhere, all of it, wherever it was before; null takes it home. */
export function placedAnew(
  before: readonly Placement[],
  thing: string,
  where: Omit<Placement, 'thing'> | null,
): Placement[] {
  const at = before.findIndex((one) => one.thing === thing);
  const others = before.filter((one) => one.thing !== thing);
  if (where) others.splice(at < 0 ? others.length : at, 0, lying(before[at], { thing, ...where }));
  return others;
}

/**
 * What lies where once something became of one part of a thing: so many of it stay as they lie, the others lie as said, joining
 * what of the thing lies just so already. null: they go home.
 * @param part one of `before`; a copy of it serves as well, and one that is not there changes nothing
 */
export function partAnew(
  before: readonly Placement[],
  part: Placement,
  where: Omit<Placement, 'thing'> | null,
  staying = 0,
): readonly Placement[] {
  const lies = before.find((one) => one === part) ?? before.find((one) => isSame(one, part));
  if (!lies) return before;
  const now = where && lying(lies, { ...where, thing: lies.thing });
  const rest = staying > 0 ? [{ ...lies, count: staying }] : [];
  const liesSo = (one: Placement) => now !== null && isSame({ ...one, count: now.count }, now);
  if (now && staying > 0 && liesSo(lies)) return partAnew(before, lies, { ...now, count: staying + now.count });
  const joins = before.find((one) => one !== lies && liesSo(one));
  return before.flatMap((one): readonly Placement[] => {
    if (one === lies) return [...rest, ...(now && !joins ? [now] : [])];
    return now && one === joins ? [{ ...one, count: one.count + now.count }] : [one];
  });
}

const fields = [
  'thing',
  'count',
  'body',
  'place',
  'x',
  'y',
  'wet',
  'turned',
] as const satisfies readonly (keyof Placement)[];
const isSame = (a: Placement, b: Placement): boolean => fields.every((field) => a[field] === b[field]);

/** A part of a thing under a name of its own: the thing's id, with a number behind it for its second, third, … part. */
export interface NamedPart {
  readonly key: string;
  readonly placement: Placement;
  /** There are more of it. */
  readonly parted: boolean;
  /** Which of the parts in the same place it is, from 1: a wet one and a dry one may lie together. */
  readonly nth: number;
}

/** All that lies in a loadout, named so that a part keeps its name while it is put elsewhere. */
export function namedParts(placements: readonly Placement[]): readonly NamedPart[] {
  const all = groupedBy(placements, ({ thing }) => thing);
  return placements.map((placement) => {
    const parts = all.get(placement.thing) ?? [];
    const at = parts.indexOf(placement);
    const key = at === 0 ? placement.thing : `${placement.thing}~${at + 1}`;
    const before = parts.slice(0, at).filter((one) => one.body === placement.body && one.place === placement.place);
    return { key, placement, parted: parts.length > 1, nth: before.length + 1 };
  });
}

type TankLevel = Loadout['tankLevels'][number];

/** The levels of all tanks once some were filled or drained, 0 to 1. */
export function levelledAnew(before: readonly TankLevel[], now: readonly TankLevel[]): TankLevel[] {
  const isNow = ({ body, tank }: TankLevel) => now.some((one) => one.body === body && one.tank === tank);
  const within = (one: TankLevel) => ({ ...one, fraction: Math.min(1, Math.max(0, one.fraction)) });
  return [...before.filter((one) => !isNow(one)), ...now.map(within)];
}

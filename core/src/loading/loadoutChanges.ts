import { withoutUndefined } from '../plain/lists.ts';
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

type TankLevel = Loadout['tankLevels'][number];

/** The levels of all tanks once some were filled or drained, 0 to 1. */
export function levelledAnew(before: readonly TankLevel[], now: readonly TankLevel[]): TankLevel[] {
  const isNow = ({ body, tank }: TankLevel) => now.some((one) => one.body === body && one.tank === tank);
  const within = (one: TankLevel) => ({ ...one, fraction: Math.min(1, Math.max(0, one.fraction)) });
  return [...before.filter((one) => !isNow(one)), ...now.map(within)];
}

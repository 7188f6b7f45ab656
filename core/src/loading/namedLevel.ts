import type { Loadout } from './loadout.ts';

/** How full a loadout names a tank, 0 empty to 1 full; undefined: it names no level of it. */
export const namedLevel = (
  { tankLevels }: Pick<Loadout, 'tankLevels'>,
  body: string,
  tank: string,
): number | undefined => tankLevels.find((one) => one.body === body && one.tank === tank)?.fraction;

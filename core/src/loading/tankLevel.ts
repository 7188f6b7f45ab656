import type { Loadout } from './loadout.ts';

/** How full a tank is in a loadout, 0 empty to 1 full; a tank no level is named for is empty. */
export const tankLevel = ({ tankLevels }: Pick<Loadout, 'tankLevels'>, body: string, tank: string): number =>
  tankLevels.find((one) => one.body === body && one.tank === tank)?.fraction ?? 0;

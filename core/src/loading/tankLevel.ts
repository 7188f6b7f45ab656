import { keptLevel } from './basisKept.ts';
import type { RigView } from './rigView.ts';

/**
 * How full a tank is as the rig is loaded, 0 empty to 1 full. A tank no level is named for holds what the empty figure of its body has in
 * it, and is empty where that has nothing.
 */
export function tankLevel(
  view: Pick<RigView, 'loadout' | 'vehicle' | 'trailer' | 'camper'>,
  body: string,
  tank: string,
): number {
  const named = view.loadout.tankLevels.find((one) => one.body === body && one.tank === tank);
  if (named) return named.fraction;
  const own = [view.vehicle, view.camper, view.trailer].find((one) => one?.id === body);
  const of = own?.tanks.find(({ id }) => id === tank);
  return own && of ? keptLevel(view, own, of) : 0;
}

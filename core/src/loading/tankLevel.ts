import { keptLevel } from './basisKept.ts';
import { namedLevel } from './namedLevel.ts';
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
  const named = namedLevel(view.loadout, body, tank);
  if (named !== undefined) return named;
  const own = [view.vehicle, view.camper, view.trailer].find((one) => one?.id === body);
  const of = own?.tanks.find(({ id }) => id === tank);
  return own && of ? keptLevel(view, own, of) : 0;
}

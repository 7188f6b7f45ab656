import type { Workspace } from '../exchange/workspace.ts';
import type { Hitch } from '../rig/hitch.ts';
import type { Situation } from '../situation/situation.ts';
import { loadoutIds } from './variantEdits.ts';
import { inList, without, withoutUndefined } from './lists.ts';

export const renameRig = (workspace: Workspace, id: string, name: string): Workspace => ({
  ...workspace,
  rigs: inList(workspace.rigs, id, (rig) => ({ ...rig, name })),
});

/** Changes what stands between vehicle and trailer; a field given as undefined is taken away. */
export const setHitch = (workspace: Workspace, rigId: string, patch: Partial<Hitch>): Workspace => ({
  ...workspace,
  rigs: inList(workspace.rigs, rigId, (rig) => ({ ...rig, hitch: withoutUndefined({ ...rig.hitch, ...patch }) })),
});

/** @param x m behind the front axle where the camper's front wall stands; undefined: not known */
export const setCamperPosition = (workspace: Workspace, rigId: string, x: number | undefined): Workspace => ({
  ...workspace,
  rigs: inList(workspace.rigs, rigId, (rig) =>
    rig.camper ? { ...rig, camper: withoutUndefined({ ...rig.camper, x }) } : rig,
  ),
});

export const changeSituation = (
  workspace: Workspace,
  id: string,
  patch: Partial<Omit<Situation, 'id'>>,
): Workspace => ({
  ...workspace,
  situations: inList(workspace.situations, id, (situation) => withoutUndefined({ ...situation, ...patch })),
});

/** Takes a rig away, with the bodies, loadouts and situation that no other rig uses. Things stay owned. */
export function removeRig(workspace: Workspace, id: string): Workspace {
  const rigs = without(workspace.rigs, id);
  const kept = new Set(
    rigs.flatMap((rig) => [rig.vehicle, rig.trailer, rig.camper?.body, rig.situation, ...loadoutIds(rig)]),
  );
  const bodies = workspace.bodies.filter((body) => kept.has(body.id));
  const bodyIds = new Set(bodies.map((body) => body.id));
  return {
    ...workspace,
    rigs,
    bodies,
    situations: workspace.situations.filter((situation) => kept.has(situation.id)),
    tickets: workspace.tickets.filter((ticket) => ticket.rig !== id),
    trips: workspace.trips.filter((trip) => trip.rig !== id),
    quotes: workspace.quotes.filter((quote) => quote.rig !== id),
    cases: workspace.cases.filter((one) => one.rig !== id),
    loadouts: workspace.loadouts
      .filter((loadout) => kept.has(loadout.id) || loadout.placements.some((one) => bodyIds.has(one.body)))
      .map((loadout) => ({
        ...loadout,
        placements: loadout.placements.filter((one) => bodyIds.has(one.body)),
        tankLevels: loadout.tankLevels.filter((one) => bodyIds.has(one.body)),
        ...(loadout.fittingPositions
          ? { fittingPositions: loadout.fittingPositions.filter((one) => bodyIds.has(one.body)) }
          : {}),
      })),
  };
}

import { loadoutIds } from '../edits/variantEdits.ts';
import type { Workspace } from './workspace.ts';

/** The text of a file: indented, so that it can be read and compared. */
export const writeWorkspace = (workspace: Workspace): string => `${JSON.stringify(workspace, null, 2)}\n`;

/** One rig with everything it refers to, as a document of its own. All its loadouts' things come along. */
export function extractRig(workspace: Workspace, rigId: string): Workspace | null {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  if (!rig) return null;
  const own = new Set([rig.vehicle, rig.trailer, rig.camper?.body]);
  const bodies = workspace.bodies.filter((body) => own.has(body.id));
  const mine = new Set(bodies.map((body) => body.id));
  const loadouts = workspace.loadouts.filter(
    (loadout) =>
      loadoutIds(rig).includes(loadout.id) ||
      (loadout.placements.length > 0 && loadout.placements.every((placement) => mine.has(placement.body))),
  );
  const inside = loadouts.map((loadout) => ({
    ...loadout,
    placements: loadout.placements.filter((one) => mine.has(one.body)),
    tankLevels: loadout.tankLevels.filter((one) => mine.has(one.body)),
    ...(loadout.fittingPositions
      ? { fittingPositions: loadout.fittingPositions.filter((one) => mine.has(one.body)) }
      : {}),
  }));
  const trips = workspace.trips.filter((trip) => trip.rig === rigId);
  const used = new Set([
    ...inside.flatMap((loadout) => loadout.placements.map((placement) => placement.thing)),
    ...trips.flatMap((trip) => trip.carried.map((one) => one.thing)),
  ]);
  return {
    ...workspace,
    name: rig.name,
    bodies,
    rigs: [rig],
    loadouts: inside,
    situations: workspace.situations.filter((one) => one.id === rig.situation),
    tickets: workspace.tickets.filter((ticket) => ticket.rig === rigId),
    trips,
    quotes: workspace.quotes.filter((quote) => quote.rig === rigId),
    cases: workspace.cases.filter((one) => one.rig === rigId),
    things: workspace.things.filter((thing) => used.has(thing.id)),
  };
}

import type { Thing } from '../loading/loadout.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Workspace } from './workspace.ts';

/**
 * Gathers a rig from the document.
 * @param loadoutId another loadout than the rig's own
 * @returns null when the document has no such rig or loadout
 */
export function viewRig(workspace: Workspace, rigId: string, loadoutId?: string): RigView | null {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  if (!rig) return null;
  const body = (id: string | undefined) => workspace.bodies.find((one) => one.id === id);
  const vehicle = body(rig.vehicle);
  const trailer = body(rig.trailer);
  const camper = body(rig.camper?.body);
  const situation = workspace.situations.find((one) => one.id === rig.situation);
  const loadout = workspace.loadouts.find((one) => one.id === (loadoutId ?? rig.loadout));
  if (!situation || !loadout || (!vehicle && !trailer)) return null;
  if (vehicle && vehicle.kind !== 'vehicle') return null;
  if (trailer && trailer.kind !== 'trailer') return null;
  if (camper && camper.kind !== 'camper') return null;
  return { rig, vehicle, trailer, camper, situation, loadout, things: thingsById(workspace.things) };
}

/** The document replaces its list of things when one changes, so the list itself is the key. */
const indexes = new WeakMap<readonly Thing[], ReadonlyMap<string, Thing>>();

function thingsById(things: readonly Thing[]): ReadonlyMap<string, Thing> {
  const known = indexes.get(things);
  if (known) return known;
  const index = new Map(things.map((thing) => [thing.id, thing]));
  indexes.set(things, index);
  return index;
}

import type { Workspace } from '../exchange/workspace.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { Rig } from '../rig/rig.ts';
import type { Situation } from '../situation/situation.ts';
import type { Loadout, Thing } from './loadout.ts';

/** A rig with everything it refers to at hand. */
export interface RigView {
  readonly rig: Rig;
  readonly vehicle: Vehicle;
  readonly trailer: Trailer | undefined;
  readonly situation: Situation;
  readonly loadout: Loadout;
  readonly things: ReadonlyMap<string, Thing>;
}

/**
 * Gathers a rig from the document.
 * @param loadoutId another loadout than the rig's own
 * @returns null when the document has no such rig or loadout
 */
export function viewRig(workspace: Workspace, rigId: string, loadoutId?: string): RigView | null {
  const rig = workspace.rigs.find((one) => one.id === rigId);
  if (!rig) return null;
  const vehicle = workspace.bodies.find((body) => body.id === rig.vehicle);
  const trailer = workspace.bodies.find((body) => body.id === rig.trailer);
  const situation = workspace.situations.find((one) => one.id === rig.situation);
  const loadout = workspace.loadouts.find((one) => one.id === (loadoutId ?? rig.loadout));
  if (vehicle?.kind !== 'vehicle' || trailer?.kind === 'vehicle' || !situation || !loadout) return null;
  return { rig, vehicle, trailer, situation, loadout, things: thingsById(workspace.things) };
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

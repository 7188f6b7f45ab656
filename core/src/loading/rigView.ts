import type { Workspace } from '../exchange/workspace.ts';
import type { Body, Camper, Trailer, Vehicle } from '../rig/body.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Rig } from '../rig/rig.ts';
import type { Situation } from '../situation/situation.ts';
import type { Loadout, Thing } from './loadout.ts';

/** A rig with everything it refers to at hand. */
export interface RigView {
  readonly rig: Rig;
  /** undefined: a trailer judged by itself. */
  readonly vehicle: Vehicle | undefined;
  readonly trailer: Trailer | undefined;
  readonly camper: Camper | undefined;
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

/** The same rig on a day: the situation's own, or the one the question is put on (ISO 8601). */
export const onDay = (view: RigView, today: string): RigView =>
  view.situation.date === undefined ? { ...view, situation: { ...view.situation, date: today } } : view;

/** A body of the rig, whose axles it rests on, and where its own x = 0 lies there; null where nobody has said. */
export interface PlacedBody {
  readonly body: Body;
  readonly side: Side;
  readonly offset: number | null;
}

/** Vehicle, camper and trailer, as far as the rig has them. A camper rests on the vehicle. */
export function placedBodies({ rig, vehicle, trailer, camper }: RigView): readonly PlacedBody[] {
  const own = (body: Vehicle | Trailer | undefined): readonly PlacedBody[] =>
    body ? [{ body, side: body.kind, offset: 0 }] : [];
  const carried: readonly PlacedBody[] = camper
    ? [{ body: camper, side: 'vehicle', offset: rig.camper?.x ?? null }]
    : [];
  return [...own(vehicle), ...carried, ...own(trailer)];
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

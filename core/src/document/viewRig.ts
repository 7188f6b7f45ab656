import type { Thing } from '../loading/loadout.ts';
import type { KeptSlip, RigView } from '../loading/rigView.ts';
import { byDay, viewThen } from '../scale/viewThen.ts';
import type { Workspace } from './workspace.ts';

/**
 * Gathers a rig from the document.
 * @param loadoutId another loadout than the rig's own
 * @returns null when the document has no such rig or loadout
 */
export function viewRig(workspace: Workspace, rigId: string, loadoutId?: string): RigView | null {
  const view = unweighed(workspace, rigId, loadoutId);
  const slips = view ? slipsOf(workspace, view) : [];
  return view && slips.length > 0 ? { ...view, slips } : view;
}

/** The rig without what scales said of it. */
function unweighed(workspace: Workspace, rigId: string, loadoutId?: string): RigView | null {
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

/** The slips of this rig and of every other that has a body of it, the newest first. */
function slipsOf(workspace: Workspace, view: RigView): readonly KeptSlip[] {
  const shares = ({ vehicle, trailer }: Workspace['rigs'][number]) =>
    (vehicle !== undefined && vehicle === view.vehicle?.id) || (trailer !== undefined && trailer === view.trailer?.id);
  const others = new Map<string, RigView | null>([[view.rig.id, view]]);
  for (const rig of workspace.rigs)
    if (rig.id !== view.rig.id && shares(rig)) others.set(rig.id, unweighed(workspace, rig.id));
  return byDay(workspace.tickets.filter(({ rig }) => others.has(rig)))
    .toReversed()
    .flatMap((ticket): readonly KeptSlip[] => {
      const of = others.get(ticket.rig);
      return of && ticket.readings.some(({ value }) => value > 0) ? [{ ticket, then: viewThen(of, ticket) }] : [];
    });
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

import type { Workspace } from '../document/workspace.ts';
import { message } from '../messages/message.ts';
import type { Rig } from '../rig/rig.ts';
import { situationIn } from '../situation/situation.ts';
import { newCamper, newTrailer, newVehicle, type NewRig, type NewRigTools } from './newBodies.ts';

export type { NewRig } from './newBodies.ts';

/**
 * A rig from nothing: the plates usual where it is registered, with no figures yet, seats, a fuel tank, and a few
 * starter places where the lengths say how far they reach.
 * @returns the document with the rig in it, and the rig's id
 */
export function addNewRig(
  workspace: Workspace,
  wanted: NewRig,
  tools: NewRigTools,
): { readonly workspace: Workspace; readonly rigId: string } {
  const vehicle = wanted.vehicleName === null ? null : newVehicle(wanted, wanted.vehicleName, tools);
  const trailer = wanted.trailerName === null ? null : newTrailer(wanted, wanted.trailerName, tools);
  const camper = wanted.camperName && vehicle ? newCamper(wanted, wanted.camperName, tools) : null;
  const situation = situationIn(tools.newId(), tools.word(message('starter.situation')), wanted.country);
  const loadout = {
    id: tools.newId(),
    name: tools.word(message('starter.loadout')),
    crew: [],
    placements: [],
    tankLevels: [],
  };
  const rigId = tools.newId();
  const rig: Rig = {
    id: rigId,
    name: wanted.name,
    ...(vehicle ? { vehicle: vehicle.id } : {}),
    ...(trailer ? { trailer: trailer.id } : {}),
    ...(camper ? { camper: { body: camper.id, ...(wanted.camperX === undefined ? {} : { x: wanted.camperX }) } } : {}),
    ...(wanted.extension === undefined ? {} : { hitch: { extension: wanted.extension } }),
    situation: situation.id,
    loadout: loadout.id,
  };
  return {
    rigId,
    workspace: {
      ...workspace,
      bodies: [...workspace.bodies, ...[vehicle, trailer, camper].filter((body) => body !== null)],
      situations: [...workspace.situations, situation],
      loadouts: [...workspace.loadouts, loadout],
      rigs: [...workspace.rigs, rig],
    },
  };
}

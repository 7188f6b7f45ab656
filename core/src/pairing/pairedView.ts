import type { KeptSlip, RigView } from '../loading/rigView.ts';
import { isOfVehicle } from '../loading/ticket.ts';
import { listedOn } from '../loading/said.ts';
import type { Trailer } from '../rig/body.ts';

/** Stands for any trailer behind a car that has none yet: braked, and nothing else is known of it. */
export const anyTrailer: Trailer = {
  id: 'any-trailer',
  name: '?',
  kind: 'trailer',
  braked: true,
  geometry: { axles: 1 },
  plates: [],
  fitted: [],
  places: [],
  tanks: [],
};

/** The rig with any trailer in place of its own, coupled as its own is: only what the car and its parts allow counts. */
export function withAnyTrailer(view: RigView): RigView {
  const coupling = view.trailer?.coupling;
  const trailer: Trailer = coupling ? { ...anyTrailer, coupling } : anyTrailer;
  return { ...view, trailer, rig: { ...view.rig, trailer: trailer.id } };
}

/** What of a trailer decides at the coupling: all of it, kg, and the share of it that rests on the ball, 0 to 1. */
export interface TowedAs {
  readonly trailerMass: number;
  readonly ballShare: number;
}

/** What a scale said of the vehicle by itself: of a trailer that is only said to be there, no scale has said anything. */
const ofVehicleAlone = ({ ticket, then }: KeptSlip): KeptSlip => ({
  ticket: {
    ...ticket,
    readings: ticket.readings.filter(({ state, on }) => state === 'uncoupled' && on.every(isOfVehicle)),
  },
  then,
});

/**
 * The rig with a trailer said to weigh so much with such a share of it on the ball, whatever lies in it: the plan says the same
 * of a trailer nobody has unpacked, so it is judged as every rig is. Without a trailer one is put behind of which nothing more
 * is known.
 */
export function pairedView(view: RigView, { trailerMass, ballShare }: TowedAs): RigView {
  const trailer = view.trailer ?? anyTrailer;
  const { loadout } = view;
  const emptied: RigView = {
    ...view,
    slips: view.slips?.map(ofVehicleAlone),
    trailer,
    rig: { ...view.rig, trailer: trailer.id },
    loadout: {
      ...loadout,
      placements: loadout.placements.filter(({ body }) => body !== trailer.id),
      tankLevels: loadout.tankLevels.filter(({ body }) => body !== trailer.id),
      said: loadout.said?.filter(({ body }) => body !== trailer.id),
    },
  };
  const said = { body: trailer.id, total: trailerMass, ballShare, listed: listedOn(emptied, trailer) };
  return { ...emptied, supposed: true, loadout: { ...emptied.loadout, said: [...(emptied.loadout.said ?? []), said] } };
}

import { isFifthWheel, type RigView } from '@wagonomos/core';

/** Lengths of a vehicle in m for the drawing: the owner's where known, else drawn by eye. */
export interface VehicleProfile {
  readonly wheelbase: number;
  readonly tag: number | undefined;
  readonly front: number;
  readonly rear: number;
  readonly height: number;
  readonly coupling: number;
}

export interface TrailerProfile {
  readonly axles: readonly number[];
  readonly drawbar: number;
  readonly end: number;
  readonly height: number;
  /** The nose reaches over the vehicle to a pin. */
  readonly fifthWheel: boolean;
}

/** A camper on the vehicle: its front wall from the front axle, what reaches over the cab, and the floor it stands on. */
export interface CamperProfile {
  readonly from: number;
  readonly length: number;
  readonly overCab: number;
  readonly floor: number;
  readonly height: number;
}

export interface Profiles {
  readonly vehicle: VehicleProfile | undefined;
  readonly trailer: TrailerProfile | undefined;
  readonly camper: CamperProfile | undefined;
}

const usual = {
  car: { wheelbase: 2.7, front: 0.9, rear: 0.95, height: 1.5 },
  wagon: { wheelbase: 2.8, front: 0.9, rear: 1.1, height: 1.85 },
  ute: { wheelbase: 3.1, front: 0.9, rear: 1.3, height: 1.85 },
  van: { wheelbase: 3.6, front: 0.95, rear: 1.1, height: 2.5 },
  motorhome: { wheelbase: 3.8, front: 0.95, rear: 1.6, height: 2.75 },
} as const;

export function vehicleProfile({ vehicle, trailer, rig }: RigView): VehicleProfile | undefined {
  if (!vehicle) return undefined;
  const { geometry } = vehicle;
  const guess = usual[vehicle.build];
  const wheelbase = geometry.wheelbase ?? guess.wheelbase;
  const rear = geometry.rearOverhang ?? guess.rear;
  const tag = geometry.tagAxle && wheelbase + geometry.tagAxle.offset;
  const ball =
    (geometry.couplingOverhang ?? (tag ?? wheelbase) - wheelbase + rear + 0.12) + (rig.hitch?.extension ?? 0);
  return {
    wheelbase,
    tag,
    front: geometry.frontOverhang ?? guess.front,
    rear,
    height: geometry.height ?? guess.height,
    coupling: wheelbase + (isFifthWheel(trailer) ? (geometry.pinOverhang ?? -0.05) : ball),
  };
}

export function trailerProfile({ trailer }: RigView): TrailerProfile | undefined {
  if (!trailer) return undefined;
  const fifthWheel = isFifthWheel(trailer);
  const { geometry } = trailer;
  const { axlePosition, axles, axleSpread = 0.86, bodyLength } = geometry;
  const drawbar = geometry.drawbarLength ?? (fifthWheel ? 1.9 : 1.25);
  const centre = axlePosition ?? drawbar + (bodyLength ?? 4.6) * 0.54;
  return {
    axles: Array.from({ length: axles }, (_, n) => centre + (n - (axles - 1) / 2) * axleSpread),
    drawbar,
    end: drawbar + (bodyLength ?? Math.max(2.4, (centre - drawbar) * 1.85)),
    height: geometry.height ?? (fifthWheel ? 3.3 : 2.6),
    fifthWheel,
  };
}

/** A tray's height above the road, drawn by eye. */
const trayFloor = 0.92;

export function camperProfile(
  { camper, rig }: RigView,
  vehicle: VehicleProfile | undefined,
): CamperProfile | undefined {
  if (!camper || !vehicle) return undefined;
  const { floorLength = 2.4, overCab = 1.3, height = 2.05 } = camper.geometry;
  const end = vehicle.wheelbase + vehicle.rear;
  return { from: rig.camper?.x ?? end - floorLength + 0.1, length: floorLength, overCab, floor: trayFloor, height };
}

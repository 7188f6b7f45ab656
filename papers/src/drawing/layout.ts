import { isFifthWheel, placedBodies, type RigView, type Side } from '@wagonomos/core';
import { camperProfile, trailerProfile, vehicleProfile, type Profiles } from './profiles.ts';

/** The rig on paper: one scale for all bodies, pixels from the upper left corner. */
export interface DrawingLayout extends Profiles {
  readonly scale: number;
  readonly groundY: number;
  readonly height: number;
  readonly byEye: boolean;
  readonly x: (side: Side, metres: number) => number;
  readonly y: (metres: number) => number;
}

export const pillarHeight = 60;

/** How tall the rig may stand, and the room around it for words and pillars, px. */
const frames = {
  desk: { tallest: 230, side: 118, above: 18, below: pillarHeight + 30 },
  phone: { tallest: 150, side: 12, above: 10, below: pillarHeight * 0.6 + 16 },
  card: { tallest: 128, side: 14, above: 10, below: 8 },
  mini: { tallest: 46, side: 3, above: 3, below: 3 },
  sheet: { tallest: 132, side: 6, above: 16, below: 44 },
} as const;
export type FrameName = keyof typeof frames;

/** Fits the rig into a width. Names no station and computes no mass: lengths only. */
export function layoutRig(view: RigView, width: number, frame: FrameName): DrawingLayout {
  const vehicle = vehicleProfile(view);
  const trailer = trailerProfile(view);
  const camper = camperProfile(view, vehicle);
  const room = frames[frame];
  const onTrailer = vehicle?.coupling ?? 0;
  const spans: readonly (readonly [number, number])[] = [
    ...(vehicle ? [[-vehicle.front, (vehicle.tag ?? vehicle.wheelbase) + vehicle.rear] as const] : []),
    ...(camper ? [[camper.from - camper.overCab, camper.from + camper.length] as const] : []),
    ...(trailer ? [[onTrailer + (vehicle ? 0 : -0.2), onTrailer + trailer.end] as const] : []),
    ...placeSpans(view, onTrailer),
  ];
  const start = Math.min(...spans.map(([from]) => from));
  const end = Math.max(...spans.map(([, to]) => to));
  const tallest =
    Math.max(vehicle?.height ?? 0, trailer?.height ?? 0, camper ? camper.floor + camper.height : 0, ...roofs(view)) +
    0.05;
  const scale = Math.max(8, Math.min((width - 2 * room.side) / (end - start), room.tallest / tallest));
  const left = (width - (end - start) * scale) / 2 - start * scale;
  const groundY = room.above + tallest * scale;
  return {
    scale,
    groundY,
    height: groundY + room.below,
    vehicle,
    trailer,
    camper,
    byEye: drawnByEye(view),
    x: (side, metres) => left + (side === 'trailer' ? onTrailer + metres : metres) * scale,
    y: (metres) => groundY - metres * scale,
  };
}

function placeSpans(view: RigView, onTrailer: number): readonly (readonly [number, number])[] {
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.places.flatMap(({ x, length = 0.4 }) => {
      if (x === undefined || offset === null) return [];
      const middle = x + offset + (side === 'trailer' ? onTrailer : 0);
      return [[middle - length / 2, middle + length / 2] as const];
    }),
  );
}

function drawnByEye({ vehicle, trailer, camper, rig }: RigView): boolean {
  const own = vehicle
    ? [vehicle.geometry.wheelbase, vehicle.geometry.frontOverhang, vehicle.geometry.rearOverhang]
    : [];
  const pin = vehicle && isFifthWheel(trailer) ? [vehicle.geometry.pinOverhang] : [];
  const towed = trailer
    ? [trailer.geometry.axlePosition, trailer.geometry.drawbarLength, trailer.geometry.bodyLength]
    : [];
  const carried = camper ? [camper.geometry.floorLength, rig.camper?.x] : [];
  return [...own, ...pin, ...towed, ...carried].includes(undefined);
}

const roofs = (view: RigView): number[] =>
  placedBodies(view).flatMap(({ body }) =>
    body.places.filter((place) => place.x !== undefined).map(({ z = 0, height = 0 }) => z + height),
  );

import type { RigView, Side } from '@wagonomos/core';

/** Lengths in m for the drawing: the owner's where known, else drawn by eye. */
interface Profile {
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
}

/** The rig on paper: one scale for both bodies, pixels from the upper left corner. */
export interface DrawingLayout {
  readonly scale: number;
  readonly groundY: number;
  readonly height: number;
  readonly vehicle: Profile;
  readonly trailer: TrailerProfile | undefined;
  readonly byEye: boolean;
  readonly x: (side: Side, metres: number) => number;
  readonly y: (metres: number) => number;
}

export const pillarHeight = 60;

/** How tall the rig may stand, and the room around it for words and pillars, px. */
const frames = {
  desk: { tallest: 236, side: 118, above: 16, below: pillarHeight + 26 },
  phone: { tallest: 150, side: 12, above: 10, below: pillarHeight * 0.6 + 16 },
  card: { tallest: 128, side: 14, above: 10, below: 8 },
} as const;
export type FrameName = keyof typeof frames;

/** Fits the rig into a width. Names no station and computes no mass: lengths only. */
export function layoutRig(view: RigView, width: number, frame: FrameName): DrawingLayout {
  const vehicle = vehicleProfile(view);
  const trailer = trailerProfile(view);
  const room = frames[frame];
  const start = Math.min(-vehicle.front, ...reaches(view.vehicle.places).map(([from]) => from));
  const vehicleEnd = Math.max(
    (vehicle.tag ?? vehicle.wheelbase) + vehicle.rear,
    ...reaches(view.vehicle.places).map(([, to]) => to),
  );
  const trailerEnd = trailer && Math.max(trailer.end, ...reaches(view.trailer?.places ?? []).map(([, to]) => to));
  const end = trailerEnd === undefined ? vehicleEnd : vehicle.coupling + trailerEnd;
  const tallest = Math.max(vehicle.height, trailer?.height ?? 0, ...roofs(view)) + 0.05;
  const scale = Math.max(8, Math.min((width - 2 * room.side) / (end - start), room.tallest / tallest));
  const left = (width - (end - start) * scale) / 2 - start * scale;
  const groundY = room.above + tallest * scale;
  return {
    scale,
    groundY,
    height: groundY + room.below,
    vehicle,
    trailer,
    byEye: drawnByEye(view),
    x: (side, metres) => left + (side === 'trailer' ? vehicle.coupling + metres : metres) * scale,
    y: (metres) => groundY - metres * scale,
  };
}

const usual = {
  car: { wheelbase: 2.7, front: 0.9, rear: 0.95, height: 1.5 },
  wagon: { wheelbase: 2.8, front: 0.9, rear: 1.1, height: 1.85 },
  ute: { wheelbase: 3.1, front: 0.9, rear: 1.3, height: 1.85 },
  van: { wheelbase: 3.6, front: 0.95, rear: 1.1, height: 2.5 },
  motorhome: { wheelbase: 3.8, front: 0.95, rear: 1.6, height: 2.75 },
} as const;

function vehicleProfile({ vehicle }: RigView): Profile {
  const { geometry } = vehicle;
  const guess = usual[vehicle.build];
  const wheelbase = geometry.wheelbase ?? guess.wheelbase;
  const rear = geometry.rearOverhang ?? guess.rear;
  const tag = geometry.tagAxle && wheelbase + geometry.tagAxle.offset;
  return {
    wheelbase,
    tag,
    front: geometry.frontOverhang ?? guess.front,
    rear,
    height: geometry.height ?? guess.height,
    coupling: wheelbase + (geometry.couplingOverhang ?? (tag ?? wheelbase) - wheelbase + rear + 0.12),
  };
}

function trailerProfile({ trailer }: RigView): TrailerProfile | undefined {
  if (!trailer) return undefined;
  const { axlePosition, axles, axleSpread = 0.86, drawbarLength = 1.25, bodyLength, height = 2.6 } = trailer.geometry;
  const centre = axlePosition ?? drawbarLength + (bodyLength ?? 4.6) * 0.54;
  const end = drawbarLength + (bodyLength ?? Math.max(2.4, (centre - drawbarLength) * 1.85));
  return {
    axles: Array.from({ length: axles }, (_, n) => centre + (n - (axles - 1) / 2) * axleSpread),
    drawbar: drawbarLength,
    end,
    height,
  };
}

function drawnByEye({ vehicle, trailer }: RigView): boolean {
  const { wheelbase, frontOverhang, rearOverhang, height } = vehicle.geometry;
  const own = [wheelbase, frontOverhang, rearOverhang, height];
  const towed = trailer
    ? [
        trailer.geometry.axlePosition,
        trailer.geometry.drawbarLength,
        trailer.geometry.bodyLength,
        trailer.geometry.height,
      ]
    : [];
  return [...own, ...towed].includes(undefined);
}

const reaches = (places: RigView['vehicle']['places']): [number, number][] =>
  places.flatMap(({ x, length = 0.4 }) => (x === undefined ? [] : [[x - length / 2, x + length / 2]]));

const roofs = (view: RigView): number[] =>
  [view.vehicle, view.trailer].flatMap(
    (body) => body?.places.filter((place) => place.x !== undefined).map(({ z = 0, height = 0 }) => z + height) ?? [],
  );

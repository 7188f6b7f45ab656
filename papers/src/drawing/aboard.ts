import { placedBodies, tankLevel, type RigView, type Side, type TankKind } from '@wagonomos/core';
import type { DrawingLayout } from './layout.ts';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A place of a body on the drawing, px. */
export interface PlaceBox extends Box {
  /** `body/place`. */
  readonly key: string;
  readonly body: string;
  readonly place: string;
  readonly name: string;
  /** What holds a rack that stands outside the body; empty: nothing need. */
  readonly arm: string;
}

export interface TankBox extends Box {
  readonly key: string;
  readonly kind: TankKind;
  readonly name: string;
  /** Of its volume, 0 to 1. */
  readonly share: number;
}

export interface Sitting {
  readonly key: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
}

/** A camper whose place is not known yet stands where the drawing has it. */
const standing = (view: RigView, layout: DrawingLayout) =>
  placedBodies(view).map(({ body, side, offset }) => ({ body, side, offset: offset ?? layout.camper?.from ?? 0 }));

const box = ({ x, y, scale }: DrawingLayout, side: Side, at: number, length: number, z: number, tall: number): Box => ({
  x: x(side, at - length / 2),
  y: y(z + tall),
  width: length * scale,
  height: tall * scale,
});

/** The places whose position is known, where they are. */
export function placeBoxes(view: RigView, layout: DrawingLayout): readonly PlaceBox[] {
  const { vehicle, trailer } = layout;
  const tail = vehicle ? (vehicle.tag ?? vehicle.wheelbase) + vehicle.rear : 0;
  const arm = (side: Side, x: number, length: number, z: number): string => {
    const end = side === 'trailer' ? (trailer?.end ?? 0) : tail;
    return x < end ? '' : `M${layout.x(side, end - 0.05)} ${layout.y(z) + 1}H${layout.x(side, x + length / 2)}`;
  };
  return standing(view, layout).flatMap(({ side, body, offset }) =>
    body.places.flatMap(({ id, name, kind, x, z, length = 0.4, height = 0.4 }) => {
      if (x === undefined) return [];
      const at = offset + x;
      return [
        {
          key: `${body.id}/${id}`,
          body: body.id,
          place: id,
          name,
          ...box(layout, side, at, length, z ?? (body.kind === 'camper' ? 1.1 : 0.6), height),
          arm: kind === 'rack' ? arm(side, at, length, z ?? 0.6) : '',
        },
      ];
    }),
  );
}

/** The tanks whose position is known, with their level. */
export function tankBoxes(view: RigView, layout: DrawingLayout): readonly TankBox[] {
  return standing(view, layout).flatMap(({ side, body, offset }) =>
    body.tanks.flatMap(({ id, name, kind, x, z, length }) => {
      if (x === undefined) return [];
      const tall = kind === 'gas';
      const usualZ = body.kind === 'camper' ? 1 : 0.4;
      return [
        {
          key: `${body.id}/${id}`,
          kind,
          name,
          share: tankLevel(view, body.id, id),
          ...box(layout, side, offset + x, length ?? (tall ? 0.3 : 0.7), z ?? usualZ, tall ? 0.5 : 0.17),
        },
      ];
    }),
  );
}

/** Who sits where, as far as the seat's position is known. */
export function sitting(view: RigView, layout: DrawingLayout): readonly Sitting[] {
  const height = layout.vehicle?.height ?? 0;
  const seatX = (id: string | undefined) => view.vehicle?.seats.find((one) => one.id === id)?.x;
  return view.loadout.crew.flatMap(({ id, name, seat }, index, crew) => {
    const x = seatX(seat);
    if (x === undefined) return [];
    const before = crew.slice(0, index).filter((one) => seatX(one.seat) === x).length;
    return [
      {
        key: id,
        name,
        x: layout.x('vehicle', x + before * 0.24),
        y: layout.y(height > 2.2 ? height * 0.53 : height * 0.69),
      },
    ];
  });
}

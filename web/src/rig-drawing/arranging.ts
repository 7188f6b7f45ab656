import { fieldBounds, placedBodies, type Body, type RigView, type Side } from '@wagonomos/core';

/** From the side, or from above. */
export type Sight = 'side' | 'above';
export type PartList = 'places' | 'tanks' | 'seats';
export type PartKey = `${PartList}:${string}/${string}`;

/** Something of a body that can be put elsewhere by hand. m; across is height above the road or to the left, by the sight. */
export interface MovablePart {
  readonly key: PartKey;
  readonly list: PartList;
  readonly body: string;
  readonly bodyKind: Body['kind'];
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  /** Where the body's own datum lies on the side's axis. */
  readonly offset: number;
  readonly along: Span;
  readonly across: Span;
  /** Nobody has said yet where it is: it is drawn where it could be. */
  readonly unplaced: boolean;
}

interface Span {
  readonly middle: number;
  readonly size: number;
}

/** How far its edges are moved, m: all alike moves it, one alone makes it longer or shorter. */
export interface Nudge {
  readonly start: number;
  readonly end: number;
  readonly low: number;
  readonly high: number;
}

const defaults = {
  places: { length: 0.4, height: 0.4, width: 0.6, z: 0.6 },
  tanks: { length: 0.7, height: 0.17, width: 0.5, z: 0.4 },
  seats: { length: 0.45, height: 0.6, width: 0.45, z: 0.7 },
} as const;
/** A camper's floor stands on the tray: what nobody has given a height is drawn there. */
const camperFloor = 1.05;

/** All places, tanks and seats of a rig with their boxes. */
export function movableParts(view: RigView, sight: Sight, camperX: number): readonly MovablePart[] {
  return placedBodies(view).flatMap(({ body, side, offset }) => {
    const of = (list: PartList, parts: readonly PartLike[]) =>
      parts.map((part): MovablePart => {
        const usual = defaults[list];
        const tall = list === 'tanks' && part.kind === 'gas';
        const z = part.z ?? (body.kind === 'camper' ? camperFloor : usual.z);
        const height = part.height ?? (tall ? 0.5 : usual.height);
        const width = part.width ?? (tall ? 0.3 : usual.width);
        return {
          key: `${list}:${body.id}/${part.id}`,
          list,
          body: body.id,
          bodyKind: body.kind,
          id: part.id,
          name: part.name,
          side,
          offset: offset ?? camperX,
          along: { middle: part.x ?? middleOf(body), size: part.length ?? (tall ? 0.3 : usual.length) },
          across: sight === 'side' ? { middle: z + height / 2, size: height } : { middle: part.y ?? 0, size: width },
          unplaced: part.x === undefined,
        };
      });
    return [
      ...of('places', body.places),
      ...of('tanks', body.tanks),
      ...(body.kind === 'vehicle' ? of('seats', body.seats) : []),
    ];
  });
}

interface PartLike {
  readonly id: string;
  readonly name: string;
  readonly kind?: string | undefined;
  readonly x?: number | undefined;
  readonly length?: number | undefined;
  readonly z?: number | undefined;
  readonly height?: number | undefined;
  readonly y?: number | undefined;
  readonly width?: number | undefined;
}

/** m on its own axis where something new could lie: over a trailer’s axle, in the middle of others. */
export function middleOf({ kind, geometry }: Body): number {
  if (kind === 'trailer')
    return geometry.axlePosition ?? (geometry.drawbarLength ?? 1.3) + (geometry.bodyLength ?? 4) / 2;
  return kind === 'vehicle' ? (geometry.wheelbase ?? 2.8) / 2 : (geometry.floorLength ?? 2.4) / 2;
}

/** What a part can be told: a place has a size in every direction, a tank along the body, a seat has none. */
const sizes: Readonly<Record<PartList, Readonly<Record<Sight, readonly ('length' | 'height' | 'width')[]>>>> = {
  places: { side: ['length', 'height'], above: ['length', 'width'] },
  tanks: { side: ['length'], above: ['length'] },
  seats: { side: [], above: [] },
};
export const resizes = (part: Pick<MovablePart, 'list'>, sight: Sight) => ({
  along: sizes[part.list][sight].includes('length'),
  across: sizes[part.list][sight].some((name) => name !== 'length'),
});

export interface PartPatch {
  readonly x?: number;
  readonly length?: number;
  readonly z?: number;
  readonly height?: number;
  readonly y?: number;
  readonly width?: number;
}

const least = 0.05;

/** The figures of a part after its edges were moved, to the centimetre and within what a file may hold. */
export function nudged(part: MovablePart, sight: Sight, nudge: Nudge): PartPatch {
  const can = resizes(part, sight);
  const along = stretched(part.along, nudge.start, nudge.end, can.along);
  const across = stretched(part.across, nudge.low, nudge.high, can.across);
  const { position, lateral } = fieldBounds;
  const patch = {
    x: bounded(along.middle, position.least, position.most),
    ...(can.along ? { length: centimetres(along.size) } : {}),
  };
  if (part.list === 'seats' && sight === 'side') return patch;
  if (sight === 'above') {
    const y = bounded(across.middle, lateral.least, lateral.most);
    return { ...patch, y, ...(can.across ? { width: centimetres(across.size) } : {}) };
  }
  const z = bounded(across.middle - across.size / 2, 0, 5);
  return { ...patch, z, ...(can.across ? { height: centimetres(across.size) } : {}) };
}

/** Both edges moved; a part that has no size of its own moves as its first edge does. */
function stretched({ middle, size }: Span, first: number, second: number, resizable: boolean): Span {
  if (!resizable) return { middle: middle + first, size };
  const from = middle - size / 2 + first;
  const to = Math.max(from + least, middle + size / 2 + second);
  return { middle: (from + to) / 2, size: to - from };
}

const centimetres = (metres: number): number => Math.round(metres * 100) / 100;
const bounded = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, centimetres(value)));

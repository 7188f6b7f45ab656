import type { Body } from '../rig/body.ts';
import type { Place, UsualPlace } from '../rig/equipment.ts';

/** Lengths of a body that its usual places stand by, m; undefined where nobody has measured. */
export interface BodyFrame {
  /** Where the body begins behind the coupling, and how long it is (a camper's floor). */
  readonly drawbarLength?: number | undefined;
  readonly bodyLength?: number | undefined;
  readonly axlePosition?: number | undefined;
  readonly floorLength?: number | undefined;
  readonly wheelbase?: number | undefined;
  readonly rearOverhang?: number | undefined;
}

/** From where to where a place reaches, m on the body's own axis. */
export type Reach = readonly [from: number, to: number];

/** A place of a body by share of a stretch: `from` and `to` of it behind its start. */
const stretch = (start: number | undefined, length: number | undefined, from: number, to: number): Reach | null =>
  start === undefined || length === undefined ? null : [start + from * length, start + to * length];

const byRear = ({ wheelbase, rearOverhang }: BodyFrame, from: number, to: number): Reach | null =>
  wheelbase === undefined || rearOverhang === undefined
    ? null
    : [wheelbase + rearOverhang - from, wheelbase + rearOverhang - to];

type ReachOf = (frame: BodyFrame) => Reach | null;

/** No make's plan: a first sketch of where such places lie, to be moved by the owner. */
const reaches: Readonly<Record<Body['kind'], Readonly<Partial<Record<UsualPlace, ReachOf>>>>> = {
  vehicle: {
    boot: (frame) => byRear(frame, 1.1, 0.15),
    tray: (frame) => byRear(frame, 1.7, 0.1),
    rearGarage: (frame) => byRear(frame, 1.3, 0.1),
    kitchen: ({ wheelbase }) => stretch(0, wheelbase, 0.5, 0.8),
  },
  trailer: {
    frontLocker: ({ drawbarLength, bodyLength }) => stretch(drawbarLength, bodyLength, 0.02, 0.12),
    rearLocker: ({ drawbarLength, bodyLength }) => stretch(drawbarLength, bodyLength, 0.84, 0.98),
    overAxles: ({ axlePosition }) => stretch(axlePosition, 1, -0.5, 0.5),
  },
  camper: {
    overCab: ({ floorLength }) => (floorLength === undefined ? null : [-1.2, 0]),
    kitchen: ({ floorLength }) => stretch(0, floorLength, 0.3, 0.6),
    rearLocker: ({ floorLength }) => stretch(0, floorLength, 0.75, 0.95),
  },
};

/** Where a usual place of a body lies; null where a length that it stands by is not known. */
export const usualReach = (kind: Body['kind'], place: UsualPlace, frame: BodyFrame): Reach | null =>
  reaches[kind][place]?.(frame) ?? null;

/** Middle and length of a reach, to the centimetre. */
export const alongReach = ([from, to]: Reach): Required<Pick<Place, 'x' | 'length'>> => ({
  x: centimetres((from + to) / 2),
  length: centimetres(to - from),
});

const centimetres = (metres: number): number => Math.round(metres * 100) / 100;

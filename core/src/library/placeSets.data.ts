import type { VehicleBuild } from '../rig/body.ts';
import type { PlaceKind } from '../rig/equipment.ts';

/** One place of a set. `from` and `to` are shares of the body's length, `side` shares of half its width, z and height m. */
export interface SetPlace {
  readonly name: string;
  readonly kind: PlaceKind;
  readonly from: number;
  readonly to: number;
  readonly z: number;
  readonly height: number;
  /** Middle across the body: −1 the right wall, 1 the left wall; left out: in the middle. */
  readonly side?: number;
  /** Share of the body's width; left out: all of it. */
  readonly across?: number;
  /** Lies over the axles rather than at shares of the length. */
  readonly overAxles?: true;
}

export interface PlaceSet {
  readonly id: string;
  readonly body: 'vehicle' | 'trailer' | 'camper';
  readonly builds?: readonly VehicleBuild[];
  /** Offered first for trailers with so many axles. */
  readonly axles?: number;
  readonly places: readonly SetPlace[];
}

const p = (
  name: string,
  kind: PlaceKind,
  [from, to]: readonly [number, number],
  [z, height]: readonly [number, number],
  more: Pick<SetPlace, 'side' | 'across' | 'overAxles'> = {},
): SetPlace => ({ name, kind, from, to, z, height, ...more });

const left = { side: 0.65, across: 0.33 } as const;
const right = { side: -0.65, across: 0.33 } as const;

/** Where things usually go in common bodies: no make's plan, a first sketch to be moved and resized. */
export const placeSets: readonly PlaceSet[] = [
  {
    id: 'singleAxle',
    body: 'trailer',
    axles: 1,
    places: [
      p('frontLocker', 'locker', [0.0, 0.1], [0.5, 0.55]),
      p('frontSeats', 'locker', [0.12, 0.34], [0.5, 0.35], left),
      p('kitchen', 'cupboard', [0.42, 0.58], [0.55, 0.9], right),
      p('overAxles', 'floor', [0.45, 0.65], [0.45, 0.3], { overAxles: true, across: 0.4 }),
      p('wardrobe', 'cupboard', [0.6, 0.7], [0.5, 1.6], left),
      p('underBed', 'locker', [0.72, 0.96], [0.5, 0.35]),
      p('overheads', 'cupboard', [0.12, 0.9], [1.75, 0.35]),
    ],
  },
  {
    id: 'tandem',
    body: 'trailer',
    axles: 2,
    places: [
      p('tunnel', 'locker', [0.0, 0.07], [0.5, 0.5]),
      p('underBed', 'locker', [0.08, 0.36], [0.5, 0.35]),
      p('robes', 'cupboard', [0.08, 0.16], [0.9, 1.3], left),
      p('kitchen', 'cupboard', [0.42, 0.62], [0.55, 0.9], right),
      p('dinette', 'locker', [0.42, 0.62], [0.5, 0.35], left),
      p('overAxles', 'floor', [0.45, 0.65], [0.45, 0.3], { overAxles: true, across: 0.34 }),
      p('washroom', 'cupboard', [0.84, 0.98], [0.5, 1.5]),
      p('overheads', 'cupboard', [0.1, 0.8], [1.75, 0.35]),
    ],
  },
  {
    id: 'boxTrailer',
    body: 'trailer',
    places: [
      p('bedFront', 'floor', [0.0, 0.34], [0.55, 0.45]),
      p('bedMiddle', 'floor', [0.34, 0.67], [0.55, 0.45]),
      p('bedRear', 'floor', [0.67, 1.0], [0.55, 0.45]),
    ],
  },
  {
    id: 'coachGarage',
    body: 'vehicle',
    builds: ['motorhome'],
    places: [
      p('overCab', 'cupboard', [0.14, 0.3], [1.95, 0.4]),
      p('dinette', 'locker', [0.32, 0.45], [0.65, 0.4], left),
      p('kitchen', 'cupboard', [0.46, 0.6], [0.7, 0.9], right),
      p('wardrobe', 'cupboard', [0.62, 0.68], [0.7, 1.4], left),
      p('doubleFloor', 'locker', [0.34, 0.62], [0.45, 0.2]),
      p('rearGarage', 'garage', [0.79, 0.98], [0.55, 0.9]),
      p('roof', 'roof', [0.4, 0.85], [2.8, 0.2], { across: 0.6 }),
    ],
  },
  {
    id: 'vanConversion',
    body: 'vehicle',
    builds: ['van', 'motorhome'],
    places: [
      p('overCab', 'cupboard', [0.18, 0.3], [1.8, 0.3]),
      p('underBench', 'locker', [0.36, 0.46], [0.55, 0.35], left),
      p('kitchen', 'cupboard', [0.46, 0.64], [0.6, 0.85], left),
      p('wardrobe', 'cupboard', [0.64, 0.7], [0.6, 1.2], right),
      p('underBed', 'boot', [0.72, 0.98], [0.5, 0.6]),
      p('overheads', 'cupboard', [0.4, 0.95], [1.75, 0.3]),
    ],
  },
  {
    id: 'uteCanopy',
    body: 'vehicle',
    builds: ['ute'],
    places: [
      p('rearSeat', 'boot', [0.45, 0.56], [0.65, 0.5]),
      p('canopyLeft', 'tray', [0.62, 0.98], [0.9, 0.85], { side: 0.5, across: 0.5 }),
      p('canopyRight', 'tray', [0.62, 0.98], [0.9, 0.85], { side: -0.5, across: 0.5 }),
      p('canopyRoof', 'roof', [0.64, 0.96], [1.82, 0.2], { across: 0.8 }),
    ],
  },
  {
    id: 'uteTray',
    body: 'vehicle',
    builds: ['ute'],
    places: [
      p('rearSeat', 'boot', [0.45, 0.56], [0.65, 0.5]),
      p('trayFront', 'tray', [0.62, 0.8], [0.9, 0.5]),
      p('trayRear', 'tray', [0.8, 0.98], [0.9, 0.5]),
    ],
  },
  {
    id: 'wagon',
    body: 'vehicle',
    builds: ['wagon', 'car'],
    places: [
      p('rearSeat', 'boot', [0.5, 0.62], [0.55, 0.5]),
      p('boot', 'boot', [0.74, 0.97], [0.6, 0.6], { across: 0.7 }),
      p('roof', 'roof', [0.38, 0.8], [1.87, 0.25], { across: 0.7 }),
    ],
  },
  {
    id: 'slideOn',
    body: 'camper',
    places: [
      p('overCab', 'cupboard', [-0.5, 0.0], [1.9, 0.5]),
      p('kitchen', 'cupboard', [0.2, 0.55], [1.0, 0.9], left),
      p('dinette', 'locker', [0.3, 0.75], [1.0, 0.4], right),
      p('rearLocker', 'locker', [0.8, 1.0], [1.0, 0.6]),
    ],
  },
];

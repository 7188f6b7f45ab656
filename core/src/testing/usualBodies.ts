import type { Trailer, Vehicle, VehicleBuild } from '../rig/body.ts';
import type { PlaceKind, TankKind } from '../rig/equipment.ts';

/**
 * Bodies as they might stand in anybody's yard, measured through and through: invented, of no make, over kinds, sizes and regions. What
 * is taken as usual is held against them; they were written down before the ranges were mended by them.
 */
type Spots<Kind> = Readonly<Partial<Record<Kind & string, number | readonly number[]>>>;

export interface UsualVehicle {
  readonly build: VehicleBuild;
  /** kg on its plate. */
  readonly most: number;
  /** m: wheelbase, rear axle to ball, rear axle to tail, front axle to front seats. */
  readonly wheelbase: number;
  readonly couplingOverhang: number;
  readonly rearOverhang: number;
  readonly frontSeats: number;
  readonly frontShare: number;
  /** m behind the front axle. */
  readonly places: Spots<PlaceKind>;
  readonly tanks: Spots<TankKind>;
}

export interface UsualTrailer {
  readonly axles: number;
  readonly pin: boolean;
  readonly most: number;
  /** m: coupling to axles, coupling to front wall, front wall to back wall. */
  readonly axlePosition: number;
  readonly drawbarLength: number;
  readonly bodyLength: number;
  readonly emptyBall: number;
  /** m behind the coupling. */
  readonly places: Spots<PlaceKind>;
  readonly tanks: Spots<TankKind>;
}

const v = (
  build: VehicleBuild,
  most: number,
  [wheelbase, couplingOverhang, rearOverhang, frontSeats]: readonly [number, number, number, number],
  frontShare: number,
  places: UsualVehicle['places'],
  tanks: UsualVehicle['tanks'] = {},
): UsualVehicle => ({
  build,
  most,
  wheelbase,
  couplingOverhang,
  rearOverhang,
  frontSeats,
  frontShare,
  places,
  tanks,
});

const t = (
  axles: number | 'pin',
  most: number,
  [axlePosition, drawbarLength, bodyLength]: readonly [number, number, number],
  emptyBall: number,
  places: UsualTrailer['places'],
  tanks: UsualTrailer['tanks'] = {},
): UsualTrailer => ({
  axles: axles === 'pin' ? 2 : axles,
  pin: axles === 'pin',
  most,
  axlePosition,
  drawbarLength,
  bodyLength,
  emptyBall,
  places,
  tanks,
});

export const usualVehicles: readonly UsualVehicle[] = [
  v('car', 1450, [2.47, 0.75, 0.68, 1.25], 0.62, { boot: 2.75 }, { fuel: 2.05 }),
  v('car', 1620, [2.55, 0.82, 0.78, 1.28], 0.6, { boot: 2.9 }, { fuel: 2.2 }),
  v('car', 1780, [2.62, 0.9, 0.88, 1.3], 0.61, { boot: 3.05, roof: 1.45 }, { fuel: 2.25 }),
  v('car', 1950, [2.69, 0.98, 0.95, 1.32], 0.58, { boot: 3.2, roof: 1.55 }, { fuel: 2.3 }),
  v('car', 2080, [2.74, 1.05, 1.0, 1.35], 0.57, { boot: 3.3, rack: 4.2 }, { fuel: 2.35 }),
  v('car', 2250, [2.84, 1.1, 1.05, 1.38], 0.55, { boot: 3.4 }, { fuel: 2.4 }),
  v('car', 2330, [2.77, 0.95, 0.88, 1.35], 0.53, { boot: 3.2, rack: 4.05 }),
  v('car', 2420, [2.91, 1.12, 1.06, 1.4], 0.54, { boot: 3.45, roof: 1.6 }, { fuel: 2.45 }),
  v('wagon', 2050, [2.6, 0.85, 0.78, 1.35], 0.58, { boot: 2.95 }, { fuel: 2.1 }),
  v('wagon', 2280, [2.71, 0.98, 0.9, 1.38], 0.56, { boot: 3.15, roof: 1.6 }, { fuel: 2.2 }),
  v('wagon', 2550, [2.79, 1.05, 0.95, 1.42], 0.55, { boot: 3.25, floor: 2.2 }, { fuel: 2.3 }),
  v('wagon', 2700, [3.0, 1.05, 0.98, 1.45], 0.55, { boot: 3.55, behindSeats: 2.6 }, { fuel: 2.1 }),
  v('wagon', 2800, [2.82, 1.08, 0.98, 1.42], 0.54, { boot: 3.3, rack: 4.25 }),
  v('wagon', 2950, [2.87, 1.15, 1.05, 1.45], 0.53, { boot: 3.4, roof: 1.7 }, { fuel: 2.35 }),
  v('wagon', 3150, [2.85, 1.12, 1.0, 1.45], 0.53, { boot: 3.35, cupboard: 3.4 }, { fuel: 2.3 }),
  v('wagon', 3350, [2.95, 1.2, 1.08, 1.48], 0.52, { boot: 3.5, roof: 1.8 }),
  v('wagon', 3600, [3.1, 1.3, 1.2, 1.5], 0.51, { boot: 3.7, floor: 2.4 }, { fuel: 2.5 }),
  v('ute', 2900, [3.0, 1.15, 1.1, 1.4], 0.58, { tray: 3.35 }, { fuel: 2.1 }),
  v('ute', 3050, [3.09, 1.2, 1.15, 1.42], 0.58, { tray: 3.4, behindSeats: 2.35 }, { fuel: 2.2 }),
  v('ute', 3150, [3.22, 1.25, 1.2, 1.45], 0.57, { tray: 3.5, roof: 1.7 }),
  v('ute', 3250, [3.22, 1.22, 1.18, 1.45], 0.57, { tray: [2.9, 4.0], behindSeats: 2.5 }),
  v('ute', 3500, [3.27, 1.35, 1.28, 1.48], 0.56, { tray: 3.55, rack: 4.85 }, { fuel: 2.2 }),
  v('ute', 3700, [3.1, 1.3, 1.2, 1.45], 0.55, { tray: 3.4 }),
  v('ute', 4000, [3.5, 1.3, 1.25, 1.5], 0.57, { tray: 3.9 }, { fuel: 2.3 }),
  v('ute', 4500, [3.85, 1.3, 1.3, 1.55], 0.58, { tray: 4.2, behindSeats: 2.9 }),
  v('ute', 5200, [4.0, 1.35, 1.4, 1.6], 0.58, { tray: 4.4 }),
  v('van', 2600, [2.95, 0.95, 0.85, 0.85], 0.6, { garage: 3.4 }, { fuel: 1.4 }),
  v('van', 2800, [3.1, 1.0, 0.95, 0.95], 0.58, { locker: 2.3, cupboard: 2.6 }, { fresh: 3.3, gas: 3.4 }),
  v('van', 2900, [3.0, 0.98, 0.9, 0.9], 0.59, { cupboard: 2.2, rack: 4.25 }, { fresh: 2.4, gas: 3.2 }),
  v('van', 3200, [3.4, 1.05, 1.0, 0.9], 0.58, { locker: 2.6, rack: 4.75 }, { fresh: 2.5, grey: 2.9 }),
  v(
    'van',
    3500,
    [3.66, 1.15, 1.02, 0.85],
    0.57,
    { garage: 4.2, cupboard: 2.6, rack: 5.05 },
    { fresh: 3.2, grey: 3.0, gas: 3.9 },
  ),
  v('van', 3500, [4.03, 1.2, 1.32, 0.8], 0.56, { garage: 4.9, cupboard: 3.0, rack: 5.75 }, { fresh: 3.6, grey: 3.4 }),
  v('van', 3880, [4.33, 1.3, 1.4, 0.8], 0.55, { garage: 5.2, roof: 2.6, rack: 6.1 }),
  v('motorhome', 3300, [3.3, 1.6, 1.55, 0.8], 0.5, { locker: 3.2, cupboard: 2.2 }, { fresh: 3.0, gas: 2.8 }),
  v(
    'motorhome',
    3500,
    [3.2, 1.5, 1.4, 0.8],
    0.5,
    { garage: 3.9, cupboard: 2.4, rack: 4.95 },
    { fresh: 2.4, grey: 2.7, gas: 3.4 },
  ),
  v('motorhome', 3500, [3.45, 1.75, 1.7, 0.75], 0.49, { garage: 4.6, locker: 2.4 }, { fresh: 2.6, gas: 3.0 }),
  v(
    'motorhome',
    3500,
    [3.8, 1.95, 1.9, 0.8],
    0.47,
    { garage: 5.1, cupboard: 3.0, rack: 6.1 },
    { fresh: 3.0, grey: 3.6, gas: 3.5 },
  ),
  v('motorhome', 3850, [4.04, 2.0, 2.0, 0.8], 0.46, { garage: 5.4, locker: 3.0, rack: 6.4 }, { fresh: 3.4 }),
  v(
    'motorhome',
    4250,
    [4.1, 2.15, 2.2, 0.75],
    0.46,
    { garage: 5.7, cupboard: 3.1, gasLocker: 3.8 },
    { fresh: 3.3, grey: 3.9, black: 4.4, gas: 3.8 },
  ),
  v('motorhome', 4500, [4.3, 2.3, 2.35, 0.8], 0.45, { garage: 6.0, rack: 7.1 }),
  v('motorhome', 5500, [4.6, 2.4, 2.5, 0.8], 0.43, { garage: 6.4 }, { fresh: 3.9, grey: 4.1, gas: 4.6 }),
  v('motorhome', 7500, [5.2, 2.5, 2.6, 0.85], 0.42, { garage: 7.0, locker: 4.0 }),
];

export const usualTrailers: readonly UsualTrailer[] = [
  t(1, 850, [2.75, 1.1, 3.0], 0.07, { locker: 1.25, floor: 2.7, cupboard: 3.6 }, { gas: 0.95 }),
  t(1, 1000, [3.2, 1.2, 3.6], 0.06, { locker: 1.5, floor: 3.2, cupboard: 4.3 }, { gas: 1.0, fresh: 3.1 }),
  t(1, 1200, [3.5, 1.25, 4.1], 0.065, { gasLocker: 1.05, locker: [1.6, 4.9], floor: 3.5 }, { fresh: 3.4 }),
  t(1, 1300, [3.6, 1.3, 4.3], 0.06, { gasLocker: 1.1, cupboard: 3.4, locker: 5.1, rack: 0.75 }),
  t(1, 1300, [2.7, 1.3, 2.6], 0.06, { floor: 2.6 }),
  t(1, 1400, [3.75, 1.3, 4.6], 0.07, { gasLocker: 1.1, locker: 1.8, floor: 3.7, rack: 6.25 }, { fresh: 3.7 }),
  t(1, 1400, [3.9, 1.1, 5.0], 0.07, { locker: 1.9, floor: 3.8 }),
  t(1, 1500, [3.9, 1.35, 4.9], 0.065, { gasLocker: 1.15, cupboard: 3.9, locker: 5.7, rack: 0.8 }, { grey: 4.1 }),
  t(1, 1600, [4.05, 1.35, 5.1], 0.07, { gasLocker: 1.15, floor: 4.0, locker: 6.0 }, { gas: 1.1 }),
  t(1, 1700, [4.2, 1.4, 5.3], 0.06, { gasLocker: 1.2, locker: 2.0, rack: 7.0 }, { fresh: 4.3 }),
  t(1, 1800, [4.3, 1.4, 5.5], 0.065, { gasLocker: 1.2, cupboard: 4.4, locker: 6.3 }),
  t(1, 1800, [3.9, 1.5, 4.5], 0.1, { locker: 1.6, rack: 6.2 }, { fresh: 3.6, gas: 1.1 }),
  t(1, 2000, [4.4, 1.4, 5.7], 0.075, { gasLocker: 1.2, floor: 4.3 }),
  t(1, 2200, [4.2, 1.6, 4.9], 0.09, { locker: [1.8, 6.0], rack: 6.75 }, { fresh: 3.9, gas: 1.2 }),
  t(2, 1900, [4.4, 1.4, 6.0], 0.06, { gasLocker: 1.3, cupboard: 4.5, locker: 6.7 }),
  t(2, 2300, [4.75, 1.45, 6.4], 0.07, { gasLocker: 1.3, locker: 7.2 }, { fresh: 4.7 }),
  t(2, 2400, [4.6, 1.6, 5.5], 0.1, { locker: 1.9, floor: 4.6, rack: 7.4 }, { fresh: 4.2, grey: 4.9, gas: 1.3 }),
  t(2, 2700, [4.5, 1.9, 4.8], 0.13, { locker: [2.2, 6.2], rack: 7.0 }, { fresh: 4.1 }),
  t(2, 2800, [4.9, 1.65, 6.0], 0.11, { locker: 2.0, cupboard: 4.6, rack: 8.0 }, { fresh: 4.5 }),
  t(2, 3000, [5.1, 1.7, 6.4], 0.1, { locker: [2.0, 7.6], rack: 8.4 }, { fresh: 4.6, grey: 5.4, gas: 1.35 }),
  t(2, 3300, [5.3, 1.7, 6.8], 0.09, { locker: 2.05, rack: 8.8 }),
  t(2, 3500, [5.6, 1.75, 7.2], 0.1, { locker: 2.1, cupboard: 5.5, rack: 9.2 }, { fresh: 5.0 }),
  t('pin', 3500, [5.2, 0, 7.4], 0.18, { locker: [0.5, 2.1], cupboard: 4.0, floor: 6.9 }),
  t('pin', 4500, [6.0, 0, 8.3], 0.2, { locker: 0.4, cupboard: 4.6, rack: 8.6 }),
  t('pin', 5500, [6.6, 0, 9.2], 0.2, { locker: 0.4, floor: 8.1 }),
  t('pin', 7000, [7.4, 0, 10.6], 0.21, { locker: [0.5, 9.6] }),
];

const listed = (spot: number | readonly number[] | undefined): readonly number[] =>
  spot === undefined ? [] : typeof spot === 'number' ? [spot] : spot;

/** Every spot of a body, as kind and m. */
export const spotsIn = <Kind extends string>(spots: Spots<Kind>): readonly (readonly [Kind, number])[] =>
  (Object.keys(spots) as Kind[]).flatMap((kind) => listed(spots[kind]).map((x) => [kind, x] as const));

const plate = (limit: 'vehicleMax' | 'trailerMax', value: number) => [
  { id: 'plate', source: 'other' as const, figures: [{ limit, value, typed: String(value) }] },
];

/** A vehicle of which no more is said than its kind and its plate, or its lengths as well. */
export const saidVehicle = (one: UsualVehicle, lengths: boolean): Vehicle =>
  ({
    id: 'vehicle',
    kind: 'vehicle',
    name: 'Vehicle',
    build: one.build,
    plates: plate('vehicleMax', one.most),
    geometry: lengths ? { wheelbase: one.wheelbase, rearOverhang: one.rearOverhang } : {},
    places: [],
    tanks: [],
    seats: [],
    fitted: [],
  }) satisfies Partial<Vehicle>;

export const saidTrailer = (one: UsualTrailer, lengths: boolean): Trailer =>
  ({
    id: 'trailer',
    kind: 'trailer',
    name: 'Trailer',
    braked: true,
    ...(one.pin ? { coupling: 'fifthWheel' as const } : {}),
    plates: plate('trailerMax', one.most),
    geometry: {
      axles: one.axles,
      ...(lengths
        ? { axlePosition: one.axlePosition, drawbarLength: one.drawbarLength, bodyLength: one.bodyLength }
        : {}),
    },
    places: [],
    tanks: [],
    fitted: [],
  }) satisfies Partial<Trailer>;

import { isFifthWheel, type Trailer, type Vehicle } from '../rig/body.ts';
import type { Place, TankKind } from '../rig/equipment.ts';
import {
  typicalPin,
  typicalTrailerTanks,
  typicalTrailers,
  typicalVehicleTanks,
  typicalVehicles,
  type BySize,
  type TypicalRange,
} from './typicalRanges.data.ts';
import { usualReach, type BodyFrame } from './usualPlaces.ts';

/** Lengths of a body: what its owner knows, as a range of no width, and for the rest what is usual. */
export interface TypicalFrame {
  readonly axle: TypicalRange;
  readonly tank: (kind: TankKind) => TypicalRange;
  readonly place: (place: Place) => TypicalRange;
}

const exactly = (middle: number, plusMinus = 0): TypicalRange => ({ middle, plusMinus });
const known = (value: number | undefined, usual: TypicalRange): TypicalRange =>
  value === undefined ? usual : exactly(value);

/** Doubts of their own add as squares. */
const both = (middle: number, ...doubts: readonly number[]): TypicalRange => exactly(middle, Math.hypot(...doubts));

const ofSize = (sizes: readonly BySize[], any: TypicalRange, mass: number | undefined): TypicalRange =>
  (mass === undefined ? undefined : sizes.find(({ upTo }) => upTo === undefined || mass <= upTo)?.range) ?? any;

/** kg by which a body is large or small: the most that any of its plates lets it be, else what it weighs empty and a third more. */
function sizeOf({ plates, emptyMass }: Pick<Vehicle | Trailer, 'plates' | 'emptyMass'>): number | undefined {
  const most = plates.flatMap(({ figures }) =>
    figures.filter(({ limit }) => limit === 'vehicleMax' || limit === 'trailerMax').map(({ value }) => value),
  );
  if (most.length > 0) return Math.max(...most);
  return emptyMass?.total === undefined ? undefined : 1.35 * emptyMass.total;
}

/** m from the front axle to the (drive) rear axle. */
export const typicalWheelbase = (vehicle: Vehicle): TypicalRange =>
  ofSize(typicalVehicles[vehicle.build].wheelbase, typicalVehicles[vehicle.build].anyWheelbase, sizeOf(vehicle));

/** m of the ball behind the rear axle. */
export const typicalOverhang = (vehicle: Vehicle): TypicalRange => typicalVehicles[vehicle.build].couplingOverhang;

/** m of the pin behind the rear axle. */
export const typicalPinOverhang = (): TypicalRange => typicalPin;

/** Share of the empty vehicle on its front axle, 0 to 1. */
export const typicalFrontShare = (vehicle: Vehicle): TypicalRange => typicalVehicles[vehicle.build].frontShare;

/** m behind the front axle. */
export const typicalFrontSeats = (vehicle: Vehicle): TypicalRange => typicalVehicles[vehicle.build].frontSeats;

/** m behind the front axle where people sit of whom no seat is said. */
export const typicalCabin = (vehicle: Vehicle): TypicalRange => typicalVehicles[vehicle.build].cabin;

const kindOf = (trailer: Trailer) => {
  if (isFifthWheel(trailer)) return typicalTrailers.pin;
  return trailer.geometry.axles > 1 ? typicalTrailers.more : typicalTrailers.single;
};

/** Share of the empty trailer on its coupling, 0 to 1. */
export const typicalEmptyBall = (trailer: Trailer): TypicalRange => kindOf(trailer).emptyBall;

/** m from coupling to axles: by the lengths of the body where they are known, else by what the trailer weighs. */
export function typicalAxlePosition(trailer: Trailer): TypicalRange {
  const { ahead, drawbarLength: usualDrawbar, axlePosition, anyAxlePosition } = kindOf(trailer);
  const { drawbarLength, bodyLength } = trailer.geometry;
  if (bodyLength === undefined) return ofSize(axlePosition, anyAxlePosition, sizeOf(trailer));
  const drawbar = known(drawbarLength, usualDrawbar);
  return both(drawbar.middle + ahead.middle * bodyLength, drawbar.plusMinus, ahead.plusMinus * bodyLength);
}

/** Where a trailer's tanks and places usually are, m behind its coupling. */
export function typicalTrailerFrame(trailer: Trailer): TypicalFrame {
  const { ahead, drawbarLength: usualDrawbar } = kindOf(trailer);
  const { geometry } = trailer;
  const axle = known(geometry.axlePosition, typicalAxlePosition(trailer));
  const drawbar = known(geometry.drawbarLength, usualDrawbar);
  const length = Math.max(1, geometry.bodyLength ?? (axle.middle - drawbar.middle) / ahead.middle);
  const doubt = geometry.bodyLength === undefined ? axle.plusMinus / ahead.middle : 0;
  const frame = { drawbarLength: drawbar.middle, bodyLength: length, axlePosition: axle.middle };
  const front = both(drawbar.middle - 0.2, drawbar.plusMinus);
  return {
    axle,
    tank: (kind) => {
      // Gas hangs on the drawbar or stands right behind it, wherever the axles are.
      if (kind === 'gas' && !isFifthWheel(trailer)) return both(front.middle, front.plusMinus, gasAtFront);
      const { middle, plusMinus } = typicalTrailerTanks[kind];
      return both(axle.middle + middle, axle.plusMinus, plusMinus);
    },
    // A usual place lies where it does in such a body, give or take; any other from its nose to its tail.
    place: (place) => {
      const found = usualPlace('trailer', place, frame, 0.06 * length, drawbar.plusMinus, doubt);
      if (found) return found;
      if (place.kind === 'gasLocker' && !isFifthWheel(trailer)) return both(front.middle, front.plusMinus, 0.25);
      // A rack hangs on the drawbar or behind the tail: outside of the body at either end.
      const [from, to] =
        place.kind === 'rack'
          ? [0.5, drawbar.middle + length + 0.6]
          : [drawbar.middle - 0.25, drawbar.middle + length + 0.25];
      return both((from + to) / 2, drawbar.plusMinus, (to - from + doubt) / 2);
    },
  };
}

/** ± of gas about the front of a trailer, m. */
const gasAtFront = 0.4;

/** Where a vehicle's tanks and places usually are, m behind its front axle. */
export function typicalVehicleFrame(vehicle: Vehicle): TypicalFrame {
  const usual = typicalVehicles[vehicle.build];
  const axle = known(vehicle.geometry.wheelbase, typicalWheelbase(vehicle));
  const rear = known(vehicle.geometry.rearOverhang, usual.rearOverhang);
  const frame = { wheelbase: axle.middle, rearOverhang: rear.middle };
  const end = axle.middle + rear.middle;
  const measured = vehicle.geometry.wheelbase !== undefined && vehicle.geometry.rearOverhang !== undefined;
  const behind = (metres: number, plusMinus: number) => both(end - metres, axle.plusMinus, rear.plusMinus, plusMinus);
  return {
    axle,
    tank: (kind) => {
      const { share, plusMinus } = typicalVehicleTanks[kind];
      return both(share * axle.middle, share * axle.plusMinus, plusMinus);
    },
    place: (place) => {
      const found = usualPlace('vehicle', place, frame, 0.1, axle.plusMinus, rear.plusMinus);
      if (found) return found;
      if (place.kind === 'boot') return behind(0.65, 0.4);
      // A long wheelbase and a long tail go together: what is at the end is further off than each by itself.
      if (place.kind === 'garage') return behind(0.65, measured ? 0.4 : 0.85);
      if (place.kind === 'rack') return behind(-0.4, measured ? 0.25 : 0.5);
      if (place.kind === 'tray') return behind(0.9, 0.6);
      if (place.kind === 'roof') return both(0.55 * axle.middle, axle.plusMinus / 2, 0.8);
      return both(end / 2 + 0.3, axle.plusMinus / 2, 0.4 * end);
    },
  };
}

function usualPlace(
  kind: 'vehicle' | 'trailer',
  place: Place,
  frame: BodyFrame,
  ...doubts: readonly number[]
): TypicalRange | null {
  const reach = place.usual ? usualReach(kind, place.usual, frame) : null;
  return reach && both((reach[0] + reach[1]) / 2, ...doubts);
}

import { message, verbatim, type Message } from '../messages/message.ts';
import { basisContents, waterDensity } from '../rig/bareMass.ts';
import { isMotorCaravan, type Body, type Camper, type Trailer, type Vehicle } from '../rig/body.ts';
import type { Seat, Tank, TankKind } from '../rig/equipment.ts';
import type { Missing } from '../rig/missing.ts';
import { effectiveWheelbase, type RigLengths } from '../statics/rigRows.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import { typicalKey, type Typical } from './typicalFacts.ts';

/** Loads of a body and what keeps its total (`massMissing`) or its positions (`placeMissing`) from being known. */
export interface BodyLoads {
  readonly loads: readonly PointLoad[];
  readonly massMissing: readonly Missing[];
  /** What keeps the body by itself from being known, though not what it comes to: fuel in its figure, of a tank of unknown size. */
  readonly bareMissing?: readonly Missing[];
  readonly placeMissing: readonly Missing[];
}

/**
 * The body alone: its empty figure, less whatever the basis of that figure contains, each taken off at its own place.
 */
export function emptyLoads(body: Body, lengths: RigLengths, typical?: Typical): BodyLoads {
  const figure = figureOf(body, lengths, typical);
  const corrections = basisCorrections(body, typical);
  const off = onBoardCorrections(body);
  const loads = [...figure.loads, ...corrections.loads, ...off];
  return {
    loads,
    massMissing: figure.massMissing,
    bareMissing: corrections.bareMissing,
    placeMissing: [...figure.placeMissing, ...unplaced(body, [...corrections.loads, ...off])],
  };
}

function figureOf(body: Body, lengths: RigLengths, typical: Typical | undefined): BodyLoads {
  if (body.kind === 'vehicle') return vehicleFigure(body, lengths, typical);
  return body.kind === 'trailer' ? trailerFigure(body, typical) : camperFigure(body);
}

/** Whose axles a body rests on: a camper's loads are the vehicle's. */
export const sideOf = (body: Body): Side => (body.kind === 'trailer' ? 'trailer' : 'vehicle');

const about = (body: Body) => ({ body: body.id, bodyName: body.name });

const emptyLoad = (body: Body, key: string, mass: number, x: number | null, sigmaX = 0): PointLoad => ({
  side: sideOf(body),
  body: body.id,
  origin: 'empty',
  id: key,
  name: message(`load.${key}`),
  mass,
  sigma: 0,
  x,
  sigmaX,
});

function vehicleFigure(vehicle: Vehicle, lengths: RigLengths, typical: Typical | undefined): BodyLoads {
  const empty = vehicle.emptyMass;
  const axles = empty && resolveAxles(empty);
  const wheelbase = effectiveWheelbase(lengths) ?? null;
  if (!empty || (!axles && empty.total === undefined)) {
    return { loads: [], massMissing: [{ code: 'emptyMass', ...about(vehicle) }], placeMissing: [] };
  }
  if (!axles) {
    const loads = [emptyLoad(vehicle, 'emptyTotal', empty.total ?? 0, null), ...widened(vehicle, empty.plusMinus, 0)];
    return { loads, massMissing: [], placeMissing: [{ code: 'emptyAxles', ...about(vehicle) }] };
  }
  const centre = wheelbase === null ? 0 : (wheelbase * axles.rear) / (axles.front + axles.rear || 1);
  const tag = lengths.vehicle?.tagAxle;
  const follows = { wheelbase: 1, ...(tag ? { tagOffset: 1 - tag.driveShare } : {}) };
  return {
    loads: [
      emptyLoad(vehicle, 'emptyFront', axles.front, 0),
      { ...emptyLoad(vehicle, 'emptyRear', axles.rear, wheelbase), follows },
      ...widened(vehicle, empty.plusMinus, centre),
      ...shared(
        vehicle,
        'emptySplit',
        ((empty.splitPlusMinus ?? 0) / 2) * (wheelbase ?? 0),
        fact(typical, vehicle, 'emptyAxles'),
      ),
    ],
    massMissing: [],
    placeMissing: [],
  };
}

/** Two of total, front and rear give the third; axle figures go before a total that contradicts them. */
function resolveAxles(
  empty: NonNullable<Vehicle['emptyMass']>,
): { readonly front: number; readonly rear: number } | undefined {
  const { total, frontAxle: front, rearAxle: rear } = empty;
  if (front !== undefined && rear !== undefined) return { front, rear };
  if (total === undefined) return undefined;
  if (front !== undefined && front <= total) return { front, rear: total - front };
  if (rear !== undefined && rear <= total) return { front: total - rear, rear };
  return undefined;
}

/** The ± of the whole figure sits at its centre: a load of no mass, only of doubt. */
const widened = (body: Body, plusMinus: number | undefined, x: number): PointLoad[] =>
  plusMinus ? [{ ...emptyLoad(body, 'emptyDoubt', 0, x), sigma: plusMinus / 2 }] : [];

/** A doubt about how an empty body's load is shared: no mass, only a moment, kg·m. */
const shared = (body: Body, key: string, sigmaMoment: number, typical: Missing | undefined): PointLoad[] =>
  sigmaMoment > 0 ? [{ ...emptyLoad(body, key, 0, 0), sigmaMoment, typical }] : [];

const fact = (typical: Typical | undefined, { id }: Body, key: string): Missing | undefined =>
  typical?.facts.get(typicalKey(id, key));

function trailerFigure(trailer: Trailer, typical: Typical | undefined): BodyLoads {
  const empty = trailer.emptyMass;
  if (empty?.total === undefined) {
    return { loads: [], massMissing: [{ code: 'emptyMass', ...about(trailer) }], placeMissing: [] };
  }
  const placed = emptyCentre(trailer);
  if (!placed) {
    const loads = [emptyLoad(trailer, 'emptyTotal', empty.total, null), ...widened(trailer, empty.plusMinus, 0)];
    const code = trailer.geometry.axlePosition === undefined ? 'axlePosition' : 'emptyBallLoad';
    return { loads, massMissing: [], placeMissing: [{ code, ...about(trailer) }] };
  }
  const key = placed.estimated ? 'emptyEstimated' : 'emptyTotal';
  const axle = trailer.geometry.axlePosition;
  // A ball load that was given stays what it is: a doubt about the whole rests on the axles, and both move with them.
  const given = !placed.estimated && axle !== undefined;
  const empties = emptyLoad(trailer, key, empty.total, placed.x, placed.sigmaX);
  return {
    loads: [
      given ? { ...empties, follows: { axlePosition: placed.x / axle } } : empties,
      ...widened(trailer, empty.plusMinus, given ? axle : placed.x),
      ...(given
        ? shared(
            trailer,
            'emptyBall',
            ((empty.ballLoadPlusMinus ?? 0) / 2) * axle,
            fact(typical, trailer, 'emptyBallLoad'),
          )
        : []),
    ],
    massMissing: [],
    placeMissing: [],
  };
}

function camperFigure(camper: Camper): BodyLoads {
  const { emptyMass: empty, geometry } = camper;
  if (empty?.total === undefined) {
    return { loads: [], massMissing: [{ code: 'emptyMass', ...about(camper) }], placeMissing: [] };
  }
  const middle = empty.estimateCentre && geometry.floorLength !== undefined ? geometry.floorLength / 2 : undefined;
  const x = empty.centre ?? middle;
  const sigmaX =
    empty.centre === undefined ? estimateSpread * (geometry.floorLength ?? 0) : (empty.centrePlusMinus ?? 0) / 2;
  const key = empty.centre === undefined && middle !== undefined ? 'emptyEstimated' : 'emptyTotal';
  return {
    loads: [emptyLoad(camper, key, empty.total, x ?? null, sigmaX), ...widened(camper, empty.plusMinus, x ?? 0)],
    massMissing: [],
    placeMissing: x === undefined ? [{ code: 'emptyCentre', ...about(camper) }] : [],
  };
}

/** Share of the body length by which an estimated centre may be off, one standard deviation. */
const estimateSpread = 0.03;

/** Where the empty trailer's mass sits. Moments about the coupling: M·x = (M − B)·A. */
function emptyCentre(trailer: Trailer): { x: number; sigmaX: number; estimated: boolean } | undefined {
  const { axlePosition, drawbarLength, bodyLength } = trailer.geometry;
  const empty = trailer.emptyMass;
  if (empty?.total === undefined) return undefined;
  if (empty.ballLoad !== undefined && axlePosition !== undefined) {
    const x = empty.total === 0 ? axlePosition : (axlePosition * (empty.total - empty.ballLoad)) / empty.total;
    return { x, sigmaX: 0, estimated: false };
  }
  if (!empty.estimateBallLoad || drawbarLength === undefined || bodyLength === undefined) return undefined;
  return { x: drawbarLength + bodyLength / 2, sigmaX: estimateSpread * bodyLength, estimated: true };
}

/** Driver, fuel, water and gas inside the figure, as negative loads at the driver's seat and the tanks. */
function basisCorrections(body: Body, typical: Typical | undefined): { loads: PointLoad[]; bareMissing: Missing[] } {
  const empty = body.emptyMass;
  if (!empty) return { loads: [], bareMissing: [] };
  const fuel = body.tanks.find((tank) => tank.kind === 'fuel');
  const contents = basisContents({
    basis: empty.basis,
    kind: body.kind !== 'vehicle' ? 'trailer' : isMotorCaravan(body) ? 'motorCaravan' : 'car',
    fuelTankLitres: fuel?.capacityL,
    waterLitres: empty.waterLitres,
    gasContent: empty.gasContent,
  });
  const off = (key: BasisPart, mass: number, part: Seat | Tank | undefined): PointLoad[] => {
    if (mass <= 0) return [];
    const name = message(`basisPart.${key}`);
    return [{ ...emptyLoad(body, key, -mass, null), ...spot(body, key, part, name, typical), origin: 'basis', name }];
  };
  const tank = (kind: TankKind) => body.tanks.find((one) => one.kind === kind);
  const driver = body.kind === 'vehicle' ? body.seats.find((seat) => seat.driver) : undefined;
  // Fuel of a tank nobody has described stays in the figure: the plan has none of its own to put in its place.
  const bareMissing: Missing[] = [];
  if (contents.fuelLitres === null) bareMissing.push({ code: 'fuelTank', ...about(body) });
  else if (contents.fuelLitres > 0 && fuel?.densityKgPerL === undefined) {
    bareMissing.push({ code: fuel ? 'fuelDensity' : 'fuelTank', ...about(body) });
  }
  return {
    loads: [
      ...off('driver', contents.driver, driver),
      ...off('fuel', (contents.fuelLitres ?? 0) * (fuel?.densityKgPerL ?? 0), fuel),
      ...off('water', contents.waterLitres * waterDensity, tank('fresh')),
      ...off('gas', contents.gas, tank('gas')),
    ],
    bareMissing,
  };
}

type BasisPart = 'driver' | 'fuel' | 'water' | 'gas';

/** Where something in the empty figure is: at its seat or tank, off with all that is there; else where such a thing usually is. */
function spot(
  body: Body,
  key: BasisPart,
  part: Seat | Tank | undefined,
  name: Message,
  typical: Typical | undefined,
): Pick<PointLoad, 'x' | 'at'> {
  if (part?.x !== undefined) {
    const at = typicalKey(body.id, part.id);
    const sigma = (part.xPlusMinus ?? 0) / 2;
    return { x: part.x, at: sigma > 0 ? { key: at, sigma, typical: typical?.facts.get(at) } : undefined };
  }
  const usual = typical?.spots.get(typicalKey(body.id, key));
  if (!usual) return { x: null };
  const missing = { code: 'position', ...about(body), item: key, name } as const;
  return { x: usual.middle, at: { key: typicalKey(body.id, key), sigma: usual.plusMinus / 2, typical: missing } };
}

/** What stood on the scale with a weighed body and must come off again. */
const onBoardCorrections = (body: Body): PointLoad[] =>
  body.emptyMass?.basis === 'weighed'
    ? (body.emptyMass.onBoard ?? []).map((item, at) => ({
        ...emptyLoad(body, `onBoard${at}`, -item.mass, item.x ?? null),
        origin: 'basis' as const,
        name: message('basisPart.onBoard', { name: verbatim(item.name) }),
      }))
    : [];

/** Names the loads that have a mass and no position. */
export function unplaced(body: Body, loads: readonly PointLoad[]): Missing[] {
  return loads
    .filter((load) => load.x === null && load.mass !== 0)
    .map((load) => ({ code: 'position', ...about(body), item: load.id, name: load.name satisfies Message }));
}

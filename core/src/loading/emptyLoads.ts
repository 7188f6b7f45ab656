import { message, verbatim, type Message } from '../messages/message.ts';
import type { Body, Camper, Trailer, Vehicle } from '../rig/body.ts';
import type { Seat, Tank } from '../rig/equipment.ts';
import type { Missing } from '../rig/missing.ts';
import { effectiveWheelbase, type RigLengths } from '../statics/rigRows.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import { basisLines, keptLevel, type BasisLine } from './basisKept.ts';
import type { BasisPart } from './loadout.ts';
import type { RigView } from './rigView.ts';
import { tankContents } from './tankContents.ts';
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
 * The body alone: its empty figure, less whatever the basis of that figure contains, each taken off at its own place. Where that is need
 * be known only of what does not come on again there (`keptLoads`).
 */
export function emptyLoads(view: RigView, body: Body, lengths: RigLengths): BodyLoads {
  const figure = figureOf(body, lengths, view.typical);
  const lines = basisLines(view, body);
  const corrections = basisCorrections(view, body, lines);
  const stays = new Set(lines.flatMap(({ part, replaced }) => (replaced ? [] : [`${part}`])));
  const off = onBoardCorrections(body);
  const loads = [...figure.loads, ...corrections.loads, ...off];
  return {
    loads,
    massMissing: figure.massMissing,
    bareMissing: corrections.bareMissing,
    placeMissing: [
      ...figure.placeMissing,
      ...unplaced(body, [...corrections.loads.filter(({ id }) => !stays.has(id)), ...off]),
    ],
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
function basisCorrections(
  view: RigView,
  body: Body,
  lines: readonly BasisLine[],
): { loads: PointLoad[]; bareMissing: Missing[] } {
  // Fuel of a tank nobody has described stays in the figure: the plan has none of its own to put in its place.
  const unknown = lines.find(({ mass }) => mass === null);
  const sized = unknown?.tank && unknown.tank.capacityL !== undefined;
  return {
    loads: lines.flatMap((line) => (line.mass ? [{ ...partLoad(view, body, line), mass: -line.mass }] : [])),
    bareMissing: unknown ? [{ code: sized ? 'fuelDensity' : 'fuelTank', ...about(body) }] : [],
  };
}

/** One part of what the figure contains, where it is. */
function partLoad({ typical }: RigView, body: Body, { part, tank }: BasisLine): PointLoad {
  const seat = part === 'driver' && body.kind === 'vehicle' ? body.seats.find(({ driver }) => driver) : undefined;
  const name = message(`basisPart.${part}`);
  const at = spot(body, part, tank ?? seat, name, typical);
  return { ...emptyLoad(body, part, 0, null), ...at, origin: 'basis', name };
}

/**
 * What the empty figure contains and nothing replaces, as far as no tank of the list holds it: on board still, where it was in the figure.
 */
export function keptLoads(view: RigView, body: Body): readonly PointLoad[] {
  return basisLines(view, body).flatMap((line): readonly PointLoad[] => {
    const { part, tank, mass, replaced } = line;
    if (!mass || replaced !== undefined) return [];
    const rest = mass - (tank ? (tankContents(tank, keptLevel(view, body, tank)) ?? 0) : 0);
    if (rest < leastKept) return [];
    const [origin, id] = part === 'driver' ? (['crew', keptDriver] as const) : (['tank', tank?.id ?? part] as const);
    return [{ ...partLoad(view, body, line), origin, id, name: message(`kept.${part}`), mass: rest }];
  });
}

/** The driver that an empty figure counts, where nobody is listed. */
export const keptDriver = 'driver-of-the-figure';
/** kg: less is a rounding of the level of a tank. */
const leastKept = 1e-6;

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

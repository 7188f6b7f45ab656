import { namedLevel } from './namedLevel.ts';
import { tankContents } from './tankContents.ts';
import { tankLevel } from './tankLevel.ts';
import { message, verbatim } from '../messages/message.ts';
import type { Body, Vehicle } from '../rig/body.ts';
import type { Fitting, Place, Seat, Tank } from '../rig/equipment.ts';
import type { Missing } from '../rig/missing.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import type { PointLoad } from '../statics/pointLoad.ts';
import { sideOf, unplaced, type BodyLoads } from './emptyLoads.ts';
import type { CrewMember, Loadout } from './loadout.ts';
import { placedMass, placedX } from './placed.ts';
import type { RigView } from './rigView.ts';
import { typicalKey } from './typicalFacts.ts';

/** A place of length l holds its things somewhere along l: uniform, so one standard deviation is l/2/√3. */
const placeSigma = (length: number | undefined): number => (length ?? 0) / 2 / Math.sqrt(3);

/** What a seat, a tank or a place may be off itself, with all that is there. */
function doubtOf(view: RigView, body: Body, part: Seat | Tank | Place | undefined): PointLoad['at'] {
  if (!part?.xPlusMinus) return undefined;
  const key = typicalKey(body.id, part.id);
  return { key, sigma: part.xPlusMinus / 2, typical: view.typical?.facts.get(key) };
}

/** Parts fitted since, people, tanks and things of one body, as point loads. */
export function loadoutLoads(view: RigView, body: Body): BodyLoads {
  const tanks = tankLoads(view, body);
  const loads = [
    ...fittedLoads(body),
    ...fittingLoads(view, body),
    ...(body.kind === 'vehicle' ? crewLoads(view, body) : []),
    ...tanks.loads,
    ...thingLoads(view, body),
  ];
  const placed = loads.filter(({ origin, id }) => origin !== 'tank' || !asInFigure(view, body, id));
  return { loads, massMissing: tanks.missing, placeMissing: unplaced(body, placed) };
}

/**
 * kg that what was fitted since, less what was taken off, adds to the empty figure: a part of which nobody knows whether that
 * figure contains it counts half, as in every load.
 */
export const fittedNet = (body: Body): number => fittedLoads(body).reduce((sum, { mass }) => sum + mass, 0);

/**
 * Each part on, each part off. When nobody knows whether the declared figure contains the change, half of it is counted
 * with a ± of the whole: it is either all there or not at all.
 */
function fittedLoads(body: Body): PointLoad[] {
  return body.fitted.flatMap((part) => {
    if (part.inEmptyMass === 'yes') return [];
    const unsure = part.inEmptyMass === 'unknown';
    const side = (what: 'on' | 'off', sign: 1 | -1): PointLoad[] => {
      const change = part[what];
      if (!change) return [];
      return [
        {
          side: sideOf(body),
          body: body.id,
          origin: 'fitted',
          id: part.id,
          name: what === 'on' ? verbatim(part.name) : message('load.takenOff', { name: verbatim(part.name) }),
          mass: sign * (unsure ? change.mass / 2 : change.mass),
          sigma: unsure ? change.mass / 2 : 0,
          x: change.x ?? null,
          sigmaX: 0,
          y: change.y,
        },
      ];
    };
    return [...side('on', 1), ...side('off', -1)];
  });
}

/** A part that stands elsewhere than in the empty figure: off where it stood, on where it stands. */
function fittingLoads(view: RigView, body: Body): PointLoad[] {
  return (body.fittings ?? []).flatMap((fitting) => {
    const now = positionNow(view.loadout, body.id, fitting);
    if (now === fitting.emptyAt) return [];
    const at = (id: string, sign: 1 | -1): PointLoad[] => {
      const position = fitting.positions.find((one) => one.id === id);
      if (!position) return [];
      const said = { name: verbatim(fitting.name), position: verbatim(position.name) };
      return [
        {
          side: sideOf(body),
          body: body.id,
          origin: 'fitting',
          id: fitting.id,
          name: message(sign > 0 ? 'load.fittingNow' : 'load.fittingEmpty', said),
          mass: sign * fitting.mass,
          sigma: 0,
          x: position.x ?? null,
          sigmaX: 0,
          y: position.y,
        },
      ];
    };
    return [...at(now, 1), ...at(fitting.emptyAt, -1)];
  });
}

/** Which of its positions a moving part has in a loadout. */
export const positionNow = (loadout: Loadout, body: string, fitting: Fitting): string =>
  loadout.fittingPositions?.find((one) => one.body === body && one.fitting === fitting.id)?.position ?? fitting.emptyAt;

function crewLoads(view: RigView, vehicle: Vehicle): PointLoad[] {
  const seats = new Map(seatsIn(vehicle).map((seat) => [seat.id, seat]));
  return view.loadout.crew.map((member) => {
    const seat = seats.get(member.seat ?? '');
    const at = seat ? doubtOf(view, vehicle, seat) : somewhere(view, vehicle, member);
    return {
      side: 'vehicle',
      body: vehicle.id,
      origin: 'crew',
      id: member.id,
      name: verbatim(member.name),
      mass: member.mass,
      sigma: (member.plusMinus ?? 0) / 2,
      x: seat ? (seat.x ?? null) : (view.typical?.cabin?.middle ?? null),
      sigmaX: 0,
      at,
      y: seat?.y,
    };
  });
}

/** Who has no seat sits somewhere in the cabin, where what is usual is taken. */
function somewhere({ typical }: RigView, { id, name }: Vehicle, member: CrewMember): PointLoad['at'] {
  if (!typical?.cabin) return undefined;
  const missing = { code: 'position', body: id, bodyName: name, item: member.id, name: verbatim(member.name) } as const;
  return { key: typicalKey(id, member.id), sigma: typical.cabin.plusMinus / 2, typical: missing };
}

/** What a tank holds by the empty figure alone is where it is in that figure, wherever that is. */
const asInFigure = ({ loadout }: RigView, body: Body, tank: string): boolean =>
  namedLevel(loadout, body.id, tank) === undefined && !body.tanks.find(({ id }) => id === tank)?.vesselMass;

function tankLoads(view: RigView, body: Body): { loads: PointLoad[]; missing: Missing[] } {
  const missing: Missing[] = [];
  const loads = body.tanks.flatMap((tank): PointLoad[] => {
    const contents = tankContents(tank, tankLevel(view, body.id, tank.id));
    const name = verbatim(tank.name);
    if (contents === null) {
      missing.push({ code: 'contents', body: body.id, bodyName: body.name, item: tank.id, name });
    }
    const mass = (contents ?? 0) + (tank.vesselMass ?? 0);
    if (mass === 0) return [];
    const where = { x: tank.x ?? null, sigmaX: 0, at: doubtOf(view, body, tank), y: tank.y };
    return [{ side: sideOf(body), body: body.id, origin: 'tank', id: tank.id, name, mass, sigma: 0, ...where }];
  });
  return { loads, missing };
}

function thingLoads(view: RigView, body: Body): PointLoad[] {
  const places = new Map(body.places.map((place) => [place.id, place]));
  const loads: PointLoad[] = [];
  for (const placement of view.loadout.placements) {
    if (placement.body !== body.id) continue;
    const thing = view.things.get(placement.thing);
    const place = places.get(placement.place);
    if (!thing || !place) continue;
    loads.push({
      side: sideOf(body),
      body: body.id,
      origin: 'thing',
      id: thing.id,
      place: place.id,
      name:
        placement.count === 1
          ? verbatim(thing.name)
          : message('load.several', { count: placement.count, name: verbatim(thing.name) }),
      mass: placedMass(thing, placement),
      sigma: ((thing.plusMinus ?? 0) / 2) * placement.count,
      x: placedX(thing, placement, place),
      sigmaX: placement.x === undefined ? placeSigma(place.length) : 0,
      at: placement.x === undefined ? doubtOf(view, body, place) : undefined,
      y: placement.y ?? place.y,
      sigmaY: placement.y === undefined ? placeSigma(place.width) : 0,
    });
  }
  return loads;
}

import type { Workspace } from '../exchange/workspace.ts';
import { message, type Message } from '../messages/message.ts';
import type { Trailer, Vehicle, VehicleBuild } from '../rig/body.ts';
import type { PlateSource } from '../rig/limitNames.ts';
import type { Place } from '../rig/equipment.ts';
import { regionOf, situationIn, type Country, type Region } from '../situation/situation.ts';

/** What a new rig starts from. Lengths in m; what is not known yet is left out. */
export interface NewRig {
  readonly name: string;
  readonly vehicleName: string;
  readonly build: VehicleBuild;
  readonly trailerName: string | null;
  readonly country: Country;
  readonly wheelbase?: number | undefined;
  readonly couplingOverhang?: number | undefined;
  readonly rearOverhang?: number | undefined;
  readonly axles?: number | undefined;
  readonly axlePosition?: number | undefined;
  readonly drawbarLength?: number | undefined;
  readonly bodyLength?: number | undefined;
}

export interface NewRigTools {
  /** A new identifier every time. */
  readonly newId: () => string;
  /** Puts a starter name into the owner's language. */
  readonly word: (message: Message) => string;
}

/**
 * A rig from nothing: the plates usual where it is registered, with no figures yet, seats, a fuel tank, and a few
 * starter places where the lengths say how far they reach.
 * @returns the document with the rig in it, and the rig's id
 */
export function addNewRig(
  workspace: Workspace,
  wanted: NewRig,
  tools: NewRigTools,
): { readonly workspace: Workspace; readonly rigId: string } {
  const vehicle = newVehicle(wanted, tools);
  const trailer = wanted.trailerName === null ? null : newTrailer(wanted, wanted.trailerName, tools);
  const situation = situationIn(tools.newId(), tools.word(message('starter.situation')), wanted.country);
  const loadout = {
    id: tools.newId(),
    name: tools.word(message('starter.loadout')),
    crew: [],
    placements: [],
    tankLevels: [],
  };
  const rigId = tools.newId();
  const rig = {
    id: rigId,
    name: wanted.name,
    vehicle: vehicle.id,
    ...(trailer ? { trailer: trailer.id } : {}),
    situation: situation.id,
    loadout: loadout.id,
  };
  return {
    rigId,
    workspace: {
      ...workspace,
      bodies: [...workspace.bodies, vehicle, ...(trailer ? [trailer] : [])],
      situations: [...workspace.situations, situation],
      loadouts: [...workspace.loadouts, loadout],
      rigs: [...workspace.rigs, rig],
    },
  };
}

const vehiclePlates: Readonly<Record<Region, readonly PlateSource[]>> = {
  au: ['vehiclePlate', 'handbook', 'towBar'],
  uk: ['vehiclePlate', 'registration', 'towBar'],
  eu: ['registration', 'vehiclePlate', 'towBar'],
};

const trailerPlates: Readonly<Record<Region, readonly PlateSource[]>> = {
  au: ['caravanPlate', 'couplingHead'],
  uk: ['caravanPlate', 'couplingHead'],
  eu: ['registration', 'couplingHead'],
};

const blank = (sources: readonly PlateSource[], { newId }: NewRigTools) =>
  sources.map((source) => ({ id: newId(), source, figures: [] }));

/** Where a front seat usually is, m behind the front axle; a starting point the owner corrects. */
const seatPosition: Readonly<Record<VehicleBuild, number>> = {
  car: 1.3,
  wagon: 1.4,
  ute: 1.45,
  van: 0.8,
  motorhome: 0.8,
};

function newVehicle(wanted: NewRig, tools: NewRigTools): Vehicle {
  const { wheelbase, couplingOverhang, rearOverhang, build } = wanted;
  const called = (key: string) => tools.word(message(`starter.${key}`));
  const seat = (name: string, x: number, driver?: true) => ({ id: tools.newId(), name: called(name), x, driver });
  const rear = wheelbase === undefined || rearOverhang === undefined ? null : wheelbase + rearOverhang;
  const lived = build === 'van' || build === 'motorhome';
  const places = lived
    ? [
        place(tools, 'kitchen', 'cupboard', span(wheelbase, 0.5, 0.8), 0.7, 0.9),
        place(tools, 'rearGarage', 'garage', rear === null ? null : [rear - 1.3, rear - 0.1], 0.6, 0.7),
      ]
    : [place(tools, 'boot', 'boot', rear === null ? null : [rear - 1.1, rear - 0.15], 0.6, 0.6)];
  return {
    kind: 'vehicle',
    id: tools.newId(),
    name: wanted.vehicleName,
    build,
    geometry: {
      ...(wheelbase === undefined ? {} : { wheelbase }),
      ...(couplingOverhang === undefined ? {} : { couplingOverhang }),
      ...(rearOverhang === undefined ? {} : { rearOverhang }),
    },
    seats: [
      seat('driver', seatPosition[build], true),
      seat('frontSeat', seatPosition[build]),
      ...(lived ? [] : [seat('rearSeat', seatPosition[build] + 0.85)]),
    ].map(({ driver, ...rest }) => (driver ? { ...rest, driver } : rest)),
    plates: blank(vehiclePlates[regionOf(wanted.country)], tools),
    places,
    tanks: [{ id: tools.newId(), name: called('fuel'), kind: 'fuel' }],
    fitted: [],
  };
}

const span = (length: number | undefined, from: number, to: number): [number, number] | null =>
  length === undefined ? null : [length * from, length * to];

function place(
  tools: NewRigTools,
  name: string,
  kind: Place['kind'],
  reach: readonly [number, number] | null,
  z: number,
  height: number,
): Place {
  const [from, to] = reach ?? [0, 0];
  return {
    id: tools.newId(),
    name: tools.word(message(`starter.${name}`)),
    kind,
    ...(reach ? { x: centimetres((from + to) / 2), length: centimetres(to - from) } : {}),
    z,
    height,
  };
}

const centimetres = (metres: number): number => Math.round(metres * 100) / 100;

function newTrailer(wanted: NewRig, name: string, tools: NewRigTools): Trailer {
  const { axles = 1, axlePosition, drawbarLength, bodyLength } = wanted;
  const reach = (from: number, to: number): [number, number] | null =>
    drawbarLength === undefined || bodyLength === undefined
      ? null
      : [drawbarLength + from * bodyLength, drawbarLength + to * bodyLength];
  const overAxles: [number, number] | null =
    axlePosition === undefined ? null : [axlePosition - 0.5, axlePosition + 0.5];
  return {
    kind: 'trailer',
    id: tools.newId(),
    name,
    braked: true,
    geometry: {
      axles,
      ...(axlePosition === undefined ? {} : { axlePosition }),
      ...(drawbarLength === undefined ? {} : { drawbarLength }),
      ...(bodyLength === undefined ? {} : { bodyLength }),
      ...(axles > 1 ? { axleSpread: 0.86 } : {}),
    },
    plates: blank(trailerPlates[regionOf(wanted.country)], tools),
    places: [
      place(tools, 'frontLocker', 'locker', reach(0.02, 0.12), 0.6, 0.6),
      place(tools, 'overAxles', 'floor', overAxles, 0.6, 0.4),
      place(tools, 'rearLocker', 'locker', reach(0.84, 0.98), 0.6, 0.5),
    ],
    tanks: [],
    fitted: [],
  };
}

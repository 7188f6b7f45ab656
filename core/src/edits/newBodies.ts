import { message, type Message } from '../messages/message.ts';
import type { Camper, Coupling, Trailer, Vehicle, VehicleBuild } from '../rig/body.ts';
import type { Place } from '../rig/equipment.ts';
import { plateForms } from '../plates/forms.ts';
import type { Country } from '../situation/countries.ts';
import { regionOf, type Region } from '../situation/situation.ts';

/** What a new rig starts from. Lengths in m; what is not known yet is left out. */
export interface NewRig {
  readonly name: string;
  /** null: a trailer judged by itself. */
  readonly vehicleName: string | null;
  readonly build: VehicleBuild;
  readonly trailerName: string | null;
  readonly camperName?: string | null | undefined;
  readonly coupling?: Coupling | undefined;
  readonly country: Country;
  readonly wheelbase?: number | undefined;
  readonly couplingOverhang?: number | undefined;
  readonly pinOverhang?: number | undefined;
  readonly rearOverhang?: number | undefined;
  /** Drive to tag axle; left out where there is no tag axle. */
  readonly tagOffset?: number | undefined;
  readonly axles?: number | undefined;
  readonly axlePosition?: number | undefined;
  readonly drawbarLength?: number | undefined;
  readonly bodyLength?: number | undefined;
  readonly floorLength?: number | undefined;
  readonly camperX?: number | undefined;
  readonly extension?: number | undefined;
}

export interface NewRigTools {
  /** A new identifier every time. */
  readonly newId: () => string;
  /** Puts a starter name into the owner's language. */
  readonly word: (message: Message) => string;
}

/** The forms an owner has at hand first, by where the rig is registered. */
const starterForms: Readonly<Record<'vehicle' | 'trailer', Readonly<Record<Region, readonly string[]>>>> = {
  vehicle: {
    au: ['au-vehicle-plate', 'au-handbook', 'tow-bar'],
    uk: ['uk-vin-plate', 'uk-v5c', 'tow-bar'],
    eu: ['eu-statutory-plate', 'eu-handbook', 'tow-bar'],
  },
  trailer: {
    au: ['au-trailer-plate', 'coupling-head'],
    uk: ['uk-caravan-plate', 'coupling-head'],
    eu: ['eu-trailer-plate', 'coupling-head'],
  },
};

/** Where a country's own registration paper is known, it comes first. */
const nationalPapers: Readonly<Record<'vehicle' | 'trailer', Readonly<Partial<Record<Country, readonly string[]>>>>> = {
  vehicle: {
    DE: ['de-registration', 'eu-statutory-plate', 'tow-bar'],
    FR: ['fr-registration', 'eu-statutory-plate', 'tow-bar'],
    IT: ['it-registration', 'eu-statutory-plate', 'tow-bar'],
  },
  trailer: { DE: ['de-trailer-registration', 'coupling-head'] },
};

const formsAtHand = (kind: 'vehicle' | 'trailer', country: Country): readonly string[] =>
  nationalPapers[kind][country] ?? starterForms[kind][regionOf(country)];

const blank = (ids: readonly string[], { newId }: NewRigTools): Vehicle['plates'] =>
  ids.flatMap((id) => {
    const form = plateForms.find((one) => one.id === id);
    return form ? [{ id: newId(), source: form.source, form: id, figures: [] }] : [];
  });

/** Where a front seat usually is, m behind the front axle; a starting point the owner corrects. */
const seatPosition: Readonly<Record<VehicleBuild, number>> = {
  car: 1.3,
  wagon: 1.4,
  ute: 1.45,
  van: 0.8,
  motorhome: 0.8,
};

/** A vehicle of which only its kind is known: usual places, tanks and seats, no masses. */
export function newVehicle(wanted: NewRig, name: string, tools: NewRigTools): Vehicle {
  const { wheelbase, couplingOverhang, pinOverhang, rearOverhang, tagOffset, build } = wanted;
  const called = (key: string) => tools.word(message(`starter.${key}`));
  const seat = (name: string, x: number, driver?: true) => ({ id: tools.newId(), name: called(name), x, driver });
  const rear = wheelbase === undefined || rearOverhang === undefined ? null : wheelbase + rearOverhang;
  const lived = build === 'van' || build === 'motorhome';
  const places = lived
    ? [
        place(tools, 'kitchen', 'cupboard', span(wheelbase, 0.5, 0.8), 0.7, 0.9),
        place(tools, 'rearGarage', 'garage', rear === null ? null : [rear - 1.3, rear - 0.1], 0.6, 0.7),
      ]
    : build === 'ute'
      ? [place(tools, 'tray', 'tray', rear === null ? null : [rear - 1.7, rear - 0.1], 0.9, 0.5)]
      : [place(tools, 'boot', 'boot', rear === null ? null : [rear - 1.1, rear - 0.15], 0.6, 0.6)];
  return {
    kind: 'vehicle',
    id: tools.newId(),
    name,
    build,
    geometry: {
      ...(wheelbase === undefined ? {} : { wheelbase }),
      ...(couplingOverhang === undefined ? {} : { couplingOverhang }),
      ...(pinOverhang === undefined ? {} : { pinOverhang }),
      ...(rearOverhang === undefined ? {} : { rearOverhang }),
      ...(tagOffset === undefined ? {} : { tagAxle: { offset: tagOffset, driveShare: 0.6 } }),
    },
    seats: [
      seat('driver', seatPosition[build], true),
      seat('frontSeat', seatPosition[build]),
      ...(lived ? [] : [seat('rearSeat', seatPosition[build] + 0.85)]),
    ].map(({ driver, ...rest }) => (driver ? { ...rest, driver } : rest)),
    plates: blank(vehicleForms(wanted), tools),
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

/** A trailer of which only its kind is known: usual places and tanks, no masses. */
export function newTrailer(wanted: NewRig, name: string, tools: NewRigTools): Trailer {
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
    ...(wanted.coupling === 'fifthWheel' ? { coupling: 'fifthWheel' as const } : {}),
    geometry: {
      axles,
      ...(axlePosition === undefined ? {} : { axlePosition }),
      ...(drawbarLength === undefined ? {} : { drawbarLength }),
      ...(bodyLength === undefined ? {} : { bodyLength }),
      ...(axles > 1 ? { axleSpread: 0.86 } : {}),
    },
    plates: blank(formsAtHand('trailer', wanted.country), tools),
    places: [
      place(tools, 'frontLocker', 'locker', reach(0.02, 0.12), 0.6, 0.6),
      place(tools, 'overAxles', 'floor', overAxles, 0.6, 0.4),
      place(tools, 'rearLocker', 'locker', reach(0.84, 0.98), 0.6, 0.5),
    ],
    tanks: [],
    fitted: [],
  };
}

/** Tow-bar plates help nobody who tows on a pin. */
function vehicleForms({ country, coupling }: NewRig): readonly string[] {
  const usual = formsAtHand('vehicle', country);
  return coupling === 'fifthWheel' ? [...usual.filter((id) => id !== 'tow-bar'), 'fifth-wheel'] : usual;
}

/** A slide-on camper of which only its kind is known. */
export function newCamper(wanted: NewRig, name: string, tools: NewRigTools): Camper {
  const { floorLength } = wanted;
  return {
    kind: 'camper',
    id: tools.newId(),
    name,
    geometry: floorLength === undefined ? {} : { floorLength },
    plates: blank(['camper-label'], tools),
    places: [
      place(tools, 'overCab', 'cupboard', floorLength === undefined ? null : [-1.2, 0], 1.9, 0.5),
      place(tools, 'kitchen', 'cupboard', span(floorLength, 0.3, 0.6), 1, 0.9),
      place(tools, 'rearLocker', 'locker', span(floorLength, 0.75, 0.95), 1, 0.6),
    ],
    tanks: [],
    fitted: [],
  };
}

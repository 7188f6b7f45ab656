import { message, type Message } from '../messages/message.ts';
import type { Body, Camper, Coupling, Trailer, Vehicle, VehicleBuild } from '../rig/body.ts';
import { alongReach, usualReach, type BodyFrame } from '../library/usualPlaces.ts';
import type { Place, UsualPlace } from '../rig/equipment.ts';
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
    na: ['na-vehicle-label', 'na-tow-guide', 'receiver'],
  },
  trailer: {
    au: ['au-trailer-plate', 'coupling-head'],
    uk: ['uk-caravan-plate', 'coupling-head'],
    eu: ['eu-trailer-plate', 'coupling-head'],
    na: ['na-trailer-label', 'coupling-head'],
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
  const put = place('vehicle', wanted, tools);
  const lived = build === 'van' || build === 'motorhome';
  const places = lived
    ? [put('kitchen', 'cupboard', 0.7, 0.9), put('rearGarage', 'garage', 0.6, 0.7)]
    : build === 'ute'
      ? [put('tray', 'tray', 0.9, 0.5)]
      : [put('boot', 'boot', 0.6, 0.6)];
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

/** Puts places down that follow the body's lengths, known now or later, until their owner moves them. */
const place =
  (kind: Body['kind'], frame: BodyFrame, tools: NewRigTools) =>
  (usual: UsualPlace, sort: Place['kind'], z: number, height: number): Place => {
    const reach = usualReach(kind, usual, frame);
    const name = tools.word(message(`starter.${usual}`));
    return { id: tools.newId(), name, kind: sort, usual, ...(reach ? alongReach(reach) : {}), z, height };
  };

/** A trailer of which only its kind is known: usual places and tanks, no masses. */
export function newTrailer(wanted: NewRig, name: string, tools: NewRigTools): Trailer {
  const { axles = 1, axlePosition, drawbarLength, bodyLength } = wanted;
  const put = place('trailer', wanted, tools);
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
    },
    plates: blank(formsAtHand('trailer', wanted.country), tools),
    places: [
      put('frontLocker', 'locker', 0.6, 0.6),
      put('overAxles', 'floor', 0.6, 0.4),
      put('rearLocker', 'locker', 0.6, 0.5),
    ],
    tanks: [],
    fitted: [],
  };
}

/** Tow-bar plates help nobody who tows on a pin. */
function vehicleForms({ country, coupling }: NewRig): readonly string[] {
  const usual = formsAtHand('vehicle', country);
  return coupling === 'fifthWheel'
    ? [...usual.filter((id) => id !== 'tow-bar' && id !== 'receiver'), 'fifth-wheel']
    : usual;
}

/** A slide-on camper of which only its kind is known. */
export function newCamper(wanted: NewRig, name: string, tools: NewRigTools): Camper {
  const { floorLength } = wanted;
  const put = place('camper', wanted, tools);
  return {
    kind: 'camper',
    id: tools.newId(),
    name,
    geometry: floorLength === undefined ? {} : { floorLength },
    plates: blank(['camper-label'], tools),
    places: [
      put('overCab', 'cupboard', 1.9, 0.5),
      put('kitchen', 'cupboard', 1, 0.9),
      put('rearLocker', 'locker', 1, 0.6),
    ],
    tanks: [],
    fitted: [],
  };
}

import { speedOfSymbol, tyreAge } from '../limits/tyreMarks.ts';
import type { Loads } from '../loads/loads.ts';
import { message, term, type Message } from '../messages/message.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Missing } from '../rig/missing.ts';
import { heldFigures } from '../rig/plated.ts';
import { isRegistered, registered, registeredLimit } from '../rig/registered.ts';
import { judgeCounted, timesOf } from '../checks/newCheck.ts';
import { missingOn } from './missingOn.ts';
import { plated } from './plated.ts';
import { defineRule } from './rule.ts';

/** One of the things asked for beside the masses. */
interface Asked {
  readonly answer: 'yes' | 'no' | 'unknown';
  readonly no: Message;
  readonly missing: Missing;
}

/**
 * Whether 100 km/h may be driven on German motorways with this trailer instead of 80: its plated mass against the
 * vehicle's registered empty mass, and what must be fitted. Ninth exception of the road traffic regulations. The factor
 * for caravans is used unless it is known to be none; a system in the car that steadies trailers counts as a stabiliser, where its
 * papers name it.
 */
export const hundred = defineRule({
  id: 'road.hundred',
  group: 'road',
  role: 'speed',
  by: 'road',
  asks: ['trailer', 'vehicle'],
  needs: {
    kmh: 'kmh',
    vehicleMostKg: 'kg',
    plain: 'share',
    caravan: 'share',
    caravanStabilised: 'share',
    other: 'share',
    otherStabilised: 'share',
    tyreYears: 'years',
    tyreKmh: 'kmh',
  },
  places: {
    DE: {
      kind: 'permit',
      confidence: 'high',
      source: 'deHundred',
      figures: {
        kmh: 100,
        vehicleMostKg: 3500,
        plain: 0.3,
        caravan: 0.8,
        caravanStabilised: 1,
        other: 1.1,
        otherStabilised: 1.2,
        tyreYears: 6,
        tyreKmh: 120,
      },
    },
  },
  check({ loads, onTheWay, open }) {
    const { vehicle, trailer } = loads.view;
    const [facts] = onTheWay();
    if (!facts || !vehicle || !trailer) return [];
    const check = open(facts, { side: 'trailer', quantity: 'plated', name: message('check.hundred') });
    const mass = registeredLimit(loads.view, 'trailerMax', trailer);
    const limit = hundredLimit(loads, vehicle, trailer, facts.figures);
    const judged = judgeCounted('max', mass.value, limit.value);
    const asked = [...vehicleAsked(loads, vehicle, facts.figures), ...trailerAsked(loads, trailer, facts.figures)];
    const refused = asked.filter((one) => one.answer === 'no').map((one) => one.no);
    const unsaid = asked.filter((one) => one.answer === 'unknown').map((one) => one.missing);
    const missing = [...mass.missing, ...limit.missing, ...unsaid];
    const status = judged.status === 'over' || refused.length > 0 ? 'over' : missing.length > 0 ? 'unknown' : 'within';
    return [{ ...check, ...judged, ...limit.worked, status, figures: mass.figures, missing, notes: refused }];
  },
});

interface Figures {
  readonly vehicleMostKg: number;
  readonly plain: number;
  readonly caravan: number;
  readonly caravanStabilised: number;
  readonly other: number;
  readonly otherStabilised: number;
  readonly tyreYears: number;
  readonly tyreKmh: number;
}

/** The lowest of: the factor times the registered empty mass, the vehicle's own plated total, its towing limit. */
function hundredLimit(loads: Loads, vehicle: Vehicle, trailer: Trailer, figures: Figures) {
  const empty = heldFigures(loads.view, vehicle, 'emptyStated').find(isRegistered)?.value;
  const car = plated(loads, 'vehicleMax', ['vehicle']);
  const tow = plated(loads, trailer.braked ? 'towBraked' : 'towUnbraked', ['vehicle']);
  const factor = factorFor(vehicle, trailer, figures);
  const missing = [
    ...(empty === undefined ? [missingOn(loads, 'vehicle', 'registeredEmpty')] : []),
    ...car.missing,
    ...tow.missing,
    ...(factor === null ? [missingOn(loads, 'trailer', 'dampers')] : []),
  ];
  const known = empty !== undefined && car.value !== null && tow.value !== null && factor !== null;
  if (!known) return { value: null, missing, worked: {} };
  const most = (limit: LimitName, value: number | null) => ({
    name: message('check.limit', { limit: term(limit) }),
    value: value ?? 0,
  });
  const atMost = [most('vehicleMax', car.value), most(trailer.braked ? 'towBraked' : 'towUnbraked', tow.value)];
  const worked = timesOf(message('step.reference.registered'), empty, factor, atMost);
  return { value: Math.min(factor * empty, ...atMost.map((one) => one.value)), missing, worked };
}

/** null: nobody has looked whether the trailer has dampers. */
function factorFor(vehicle: Vehicle, trailer: Trailer, figures: Figures): number | null {
  const { plain, caravan, caravanStabilised, other, otherStabilised } = figures;
  if (!trailer.braked || trailer.dampers === 'absent') return plain;
  if (trailer.dampers !== 'present') return null;
  const stabilised = trailer.stabiliser === 'present' || vehicle.trailerStability === 'present';
  if (trailer.goods === 'present') return stabilised ? otherStabilised : other;
  return stabilised ? caravanStabilised : caravan;
}

const answered = (presence: Vehicle['abs']): Asked['answer'] =>
  presence === 'present' ? 'yes' : presence === 'absent' ? 'no' : 'unknown';

function vehicleAsked(loads: Loads, vehicle: Vehicle, { vehicleMostKg }: Figures): readonly Asked[] {
  const { least, most, missing } = registered(loads.view, 'vehicleMax', vehicle);
  const heavy = missing.find(({ code }) => code === 'registered');
  return [
    { answer: answered(vehicle.abs), no: message('hundred.noAbs'), missing: missingOn(loads, 'vehicle', 'abs') },
    ...(least > vehicleMostKg
      ? [{ answer: 'no', no: message('hundred.heavyVehicle'), missing: missingOn(loads, 'vehicle', 'abs') } as const]
      : []),
    ...(least <= vehicleMostKg && most > vehicleMostKg && heavy
      ? [{ answer: 'unknown', no: message('hundred.heavyVehicle'), missing: heavy } as const]
      : []),
  ];
}

function trailerAsked(loads: Loads, trailer: Trailer, { tyreYears, tyreKmh }: Figures): readonly Asked[] {
  const { date } = loads.view.situation;
  const gear = trailer.gear?.find((one) => one.axle === 'trailer');
  const speed = gear?.speedSymbol === undefined ? null : speedOfSymbol(gear.speedSymbol);
  const age = gear?.ageCode === undefined || date === undefined ? null : tyreAge(gear.ageCode, date);
  const known = (met: boolean | null): Asked['answer'] => (met === null ? 'unknown' : met ? 'yes' : 'no');
  return [
    {
      answer: answered(trailer.hundredPlate),
      no: message('hundred.noPlate'),
      missing: missingOn(loads, 'trailer', 'hundredPlate'),
    },
    {
      answer: known(age === null ? null : age < tyreYears),
      no: message('hundred.oldTyres'),
      missing: missingOn(loads, 'trailer', gear?.ageCode === undefined ? 'tyreAge' : 'date'),
    },
    {
      answer: known(speed === null ? null : speed >= tyreKmh),
      no: message('hundred.slowTyres'),
      missing: missingOn(loads, 'trailer', 'tyreSymbol'),
    },
  ];
}

import type { Loads } from '../loads/loads.ts';
import type { Licence } from '../situation/licence.ts';
import type { Missing } from '../rig/missing.ts';
import { isBritish, platesAlone, type Country } from '../situation/countries.ts';
import type { AustralianState, Jurisdiction } from '../situation/situation.ts';
import type { Confidence } from '../checks/check.ts';
import { plated } from './context.ts';
import { speedTable, type RoadSpeeds, type SpeedLine } from './speeds.data.ts';

/** What this rig may drive in a country, as information: posted and lower limits always come first. */
export interface SpeedRule extends RoadSpeeds {
  readonly country: Country;
  readonly state?: AustralianState;
  readonly unit: 'km/h' | 'mph';
  /** Which line of the law it is: towing, a heavy motor caravan, a car. */
  readonly as: SpeedLine;
  readonly confidence: Confidence;
  /** A lower ceiling for the driver, whatever the rig. */
  readonly novice?: number;
}

const carMass = 3500;
const lightTrailer = 750;
/** New South Wales asks for 100 km/h above this mass of the combination; whether rated or actual is not clear. */
const heavyCombination = 4500;
/** Britain asks for the unladen mass of a motor caravan, which no plate states. */
const unladenCar = 3050;

/**
 * The speeds of a place, by plated masses; Britain goes by unladen mass, which is never more than the bare body nor than the
 * plate. null where a figure is missing that decides (`speedMissing` says which), and in Australian states where nothing beyond the posted limit is known.
 */
export function speedRule(loads: Loads, place: Jurisdiction): SpeedRule | null {
  const { vehicle, trailer, situation } = loads.view;
  if (!vehicle) return null;
  if (place.country === 'AU') return australianSpeed(loads, place.state, situation.licence);
  if (place.country === platesAlone) return null;
  const { country } = place;
  const mass = plated(loads, 'vehicleMax', ['vehicle']).value;
  const towed = trailer ? plated(loads, 'trailerMax', ['trailer']).value : 0;
  if (mass === null || towed === null) return null;
  const british = isBritish(country);
  const heavy = british ? aboveUnladen(loads, mass) : mass > carMass;
  if (heavy === null) return null;
  const as = lineFor(country, heavy, mass, towed, trailer !== undefined);
  const [rural, dual, motorway, known] = speedTable[country][as] ?? [null, null, null, 'low'];
  const confidence = british && as === 'heavy' ? 'low' : known;
  return { country, unit: british ? 'mph' : 'km/h', as, rural, dual, motorway, confidence };
}

/** Whether a vehicle weighs more than a car may, unladen; a plate at or below the mark settles it. null: not known. */
function aboveUnladen(loads: Loads, plate: number): boolean | null {
  const bare = bareMass(loads);
  if (bare !== null) return bare > unladenCar;
  return plate <= unladenCar ? false : null;
}

/** Which fact the speeds of a place wait for; null where nothing is missing, or only the signs count there. */
export function speedMissing(loads: Loads, place: Jurisdiction): Missing | null {
  const { vehicle, trailer } = loads.view;
  if (!vehicle || place.country === 'AU' || place.country === platesAlone || speedRule(loads, place)) return null;
  const [plate] = plated(loads, 'vehicleMax', ['vehicle']).missing;
  const [towed] = trailer ? plated(loads, 'trailerMax', ['trailer']).missing : [];
  return plate ?? towed ?? { code: 'emptyMass', body: vehicle.id, bodyName: vehicle.name };
}

/** kg of the body with nothing in it: the unladen mass law means is this or less. null where it is not known. */
function bareMass({ view, bodies }: Loads): number | null {
  const own = view.vehicle && bodies[view.vehicle.id];
  return own && own.missing.length === 0 ? own.bare + own.fitted : null;
}

function lineFor(
  country: keyof typeof speedTable,
  heavy: boolean,
  mass: number,
  towed: number,
  towing: boolean,
): SpeedLine {
  const lines = speedTable[country];
  if (!towing) return heavy ? 'heavy' : 'car';
  if (heavy) return lines.heavyTowing ? 'heavyTowing' : 'towing';
  if (lines.lightTrailer && towed <= lightTrailer) return 'lightTrailer';
  const together = mass + towed > carMass;
  return (country === 'FR' || country === 'AT') && together ? 'heavyTowing' : 'towing';
}

const noviceCeilings: Readonly<Record<NonNullable<Licence['novice']>, number>> = { learner: 90, p1: 90, p2: 100 };

/** Two states are known to ask for less than is posted while towing; New South Wales also of new drivers. */
function australianSpeed(
  loads: Loads,
  state: AustralianState | undefined,
  licence: Licence | undefined,
): SpeedRule | null {
  const towing = loads.view.trailer !== undefined;
  const rated = plated(loads, 'combinationMax', ['vehicle']).value;
  const heavy = towing && rated !== null && rated > heavyCombination;
  const novice = state === 'NSW' && licence?.novice ? { novice: noviceCeilings[licence.novice] } : {};
  const base = { country: 'AU', unit: 'km/h', rural: 100, dual: 100, motorway: 100 } as const;
  if (state === 'NSW' && heavy) return { ...base, state, as: 'heavyTowing', confidence: 'medium', ...novice };
  if (state === 'WA' && towing) return { ...base, state, as: 'towing', confidence: 'low' };
  if (state && 'novice' in novice) {
    const as = towing ? 'towing' : 'car';
    return { ...base, state, as, rural: null, dual: null, motorway: null, confidence: 'medium', ...novice };
  }
  return null;
}

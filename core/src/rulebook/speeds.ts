import type { RigView } from '../loading/rigView.ts';
import type { Country } from '../situation/countries.ts';
import type { RuleSource } from './check.ts';
import { platedLimit } from './plated.ts';

/** Speeds by kind of road; null where they are not known or none is posted generally. */
interface RoadSpeeds {
  readonly rural: number | null;
  readonly dual: number | null;
  readonly motorway: number | null;
}

/** What this rig may drive in a country, as information: posted and lower limits always come first. */
export interface SpeedRule extends RoadSpeeds {
  readonly country: Country;
  readonly unit: 'km/h' | 'mph';
  /** Which line of the law it is: towing, a heavy motor caravan, a car. */
  readonly as: 'car' | 'towing' | 'lightTrailer' | 'heavyTowing' | 'heavy';
  readonly confidence: RuleSource['confidence'];
}

type Line = readonly [rural: number | null, dual: number | null, motorway: number | null, RuleSource['confidence']];

/** km/h (Great Britain: mph). From general knowledge, each with its confidence; not yet checked against the texts. */
const table: Readonly<Record<Exclude<Country, 'AU'>, Readonly<Partial<Record<SpeedRule['as'], Line>>>>> = {
  GB: { car: [60, 70, 70, 'high'], towing: [50, 60, 60, 'high'], heavy: [50, 60, 70, 'high'] },
  DE: {
    car: [100, null, null, 'high'],
    towing: [80, 80, 80, 'high'],
    heavy: [80, 100, 100, 'high'],
    heavyTowing: [60, 80, 80, 'high'],
  },
  FR: {
    car: [80, 110, 130, 'high'],
    towing: [80, 110, 130, 'medium'],
    heavyTowing: [80, 90, 90, 'low'],
    heavy: [80, 100, 110, 'medium'],
  },
  IT: { car: [90, 110, 130, 'high'], towing: [70, 70, 80, 'high'], heavy: [80, null, 100, 'high'] },
  ES: { car: [90, 90, 120, 'high'], towing: [80, 90, 90, 'medium'], heavy: [80, null, 90, 'medium'] },
  NL: { car: [80, 100, 100, 'high'], towing: [80, 90, 90, 'high'], heavy: [80, 80, 80, 'medium'] },
  AT: {
    car: [100, 100, 130, 'high'],
    lightTrailer: [100, 100, 100, 'medium'],
    towing: [80, 100, 100, 'medium'],
    heavyTowing: [70, 80, 80, 'medium'],
    heavy: [70, null, 80, 'medium'],
  },
  CH: { car: [80, 100, 120, 'high'], towing: [80, null, 100, 'medium'], heavy: [80, null, 100, 'medium'] },
};

const carMass = 3500;
const lightTrailer = 750;

/**
 * The speeds of the country travelled in, by plated masses. null in Australia, where posted limits count (New South Wales
 * and Western Australia may ask for 100 km/h while towing: check there), and where a plate is missing that decides.
 */
export function speedRule(view: RigView): SpeedRule | null {
  const { country } = view.situation.travel;
  if (country === 'AU' || !view.vehicle) return null;
  const mass = platedLimit(view, 'vehicleMax', [view.vehicle]).value;
  const towed = view.trailer ? platedLimit(view, 'trailerMax', [view.trailer]).value : 0;
  if (mass === null || towed === null) return null;
  const as = lineFor(country, mass, towed, view.trailer !== undefined);
  const [rural, dual, motorway, confidence] = table[country][as] ?? [null, null, null, 'low'];
  return { country, unit: country === 'GB' ? 'mph' : 'km/h', as, rural, dual, motorway, confidence };
}

function lineFor(country: Exclude<Country, 'AU'>, mass: number, towed: number, towing: boolean): SpeedRule['as'] {
  const lines = table[country];
  // Great Britain asks for the unladen mass of a motor caravan instead, which no plate states: the car's line, unless towing.
  const heavy = mass > carMass && country !== 'GB';
  if (!towing) return heavy ? 'heavy' : 'car';
  if (heavy) return lines.heavyTowing ? 'heavyTowing' : 'towing';
  if (lines.lightTrailer && towed <= lightTrailer) return 'lightTrailer';
  const together = mass + towed > carMass;
  return (country === 'FR' || country === 'AT') && together ? 'heavyTowing' : 'towing';
}

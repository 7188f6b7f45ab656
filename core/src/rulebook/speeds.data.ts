import type { Country } from '../situation/countries.ts';
import type { Confidence } from '../checks/check.ts';

/** Speeds by kind of road; null where they are not known or none is posted generally. */
export interface RoadSpeeds {
  readonly rural: number | null;
  readonly dual: number | null;
  readonly motorway: number | null;
}

export type SpeedLine = 'car' | 'towing' | 'lightTrailer' | 'heavyTowing' | 'heavy';

type Line = readonly [rural: number | null, dual: number | null, motorway: number | null, Confidence];
type Lines = Readonly<Partial<Record<SpeedLine, Line>>>;

/** km/h (Great Britain and Northern Ireland: mph). From general knowledge; not yet checked against the texts. */
export const speedTable: Readonly<Record<Exclude<Country, 'AU' | 'plates'>, Lines>> = {
  GB: { car: [60, 70, 70, 'high'], towing: [50, 60, 60, 'high'], heavy: [50, 60, 70, 'high'] },
  'GB-NIR': { car: [60, 70, 70, 'medium'], towing: [50, 60, 60, 'medium'], heavy: [50, 60, 70, 'medium'] },
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

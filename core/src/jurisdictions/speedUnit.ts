import { regionOf, type Situation } from '../situation/situation.ts';
import { lawOf } from './laws.ts';
import type { SpeedLaw } from './law.ts';

/** The unit that speedometers and signs have where the rig travels; where nothing but plates counts, that of the words chosen. */
export function speedUnit({ travel, words }: Pick<Situation, 'travel' | 'words'>): SpeedLaw['unit'] {
  const byLaw = lawOf(travel.country).speeds?.unit;
  return byLaw ?? ((words ?? regionOf(travel.country)) === 'na' ? 'mph' : 'km/h');
}

/** m/s of one of a unit; exact, by the international mile. */
export const metresPerSecond: Readonly<Record<SpeedLaw['unit'], number>> = { 'km/h': 1 / 3.6, mph: 0.44704 };

import type { Loads } from '../loads/loads.ts';
import { platesAlone } from '../situation/countries.ts';
import { journeyOf, samePlace, type Jurisdiction } from '../situation/situation.ts';
import { ballLeast } from '../rules/ballLeast.ts';
import { factsOf } from './lookUp.ts';
import type { Missing } from '../rig/missing.ts';
import { speedMissing, speedRule, type SpeedRule } from './speeds.ts';

/** What counts for this rig in one place of the journey. */
export interface JourneyStop {
  readonly place: Jurisdiction;
  readonly home: boolean;
  readonly speed: SpeedRule | null;
  /** What the speeds wait for; null with or without them where nothing is missing. */
  readonly waitsFor: Missing | null;
  /** Whether too light a load on the coupling is an offence there, advice, or no subject; null without a trailer. */
  readonly leastBall: 'legal' | 'guidance' | 'none' | null;
}

/** Home and every place of the journey that has a law of ours, side by side: what changes on the way. Plates stay what they are. */
export function journeyStops(loads: Loads): readonly JourneyStop[] {
  const { situation, vehicle, trailer } = loads.view;
  const home = vehicle ? situation.vehicle : situation.trailer;
  const stops = [home, ...journeyOf(situation).filter((place) => !samePlace(place, home))];
  return stops
    .filter(({ country }) => country !== platesAlone)
    .map((place) => {
      const kind = factsOf(ballLeast, place, situation)?.kind;
      return {
        place,
        home: place === home,
        speed: speedRule(loads, place),
        waitsFor: speedMissing(loads, place),
        leastBall: !trailer ? null : kind === 'legal' || kind === 'guidance' ? kind : 'none',
      };
    });
}

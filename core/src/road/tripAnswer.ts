import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { reckonTrip, type ReckonedTrip } from './reckonTrip.ts';
import type { Section, Trip } from './trip.ts';
import { leastOnTheRoad, worstMessage, type LeastOnTheRoad } from './worstMoment.ts';

/** What is asked of a trip. */
export interface TripQuestion {
  /** The rig as it sets out. */
  readonly start: RigView;
  readonly trip: Pick<Trip, 'date' | 'rates'>;
  readonly sections: readonly Section[];
  /** Parts that are over, by their ids: what is tightest is looked for in what is ahead. */
  readonly behind: readonly string[];
  /** The plan by itself, where the parts are not only planned. */
  readonly plan?: readonly Section[];
}

/** A trip and what is tightest on it: plain data. Moments of `least` are the very ones of `reckoned`, also after a structured clone. */
export interface TripAnswer {
  readonly reckoned: ReckonedTrip;
  readonly least: readonly LeastOnTheRoad[];
  /** The plan by itself at its worst; null: nobody asked, or nothing is known of it. */
  readonly planned: Message | null;
}

/** All that is shown of a trip and takes long on a long one, reckoned in one go; never throws. */
export function answerTrip({ start, trip, sections, behind, plan }: TripQuestion): TripAnswer {
  const reckoned = reckonTrip(start, trip, sections);
  const alone = plan && plan.length > 0 ? reckonTrip(start, trip, plan) : null;
  const worst = alone && leastOnTheRoad(alone)[0];
  return {
    reckoned,
    least: leastOnTheRoad(reckoned, new Set(behind)),
    planned: alone && worst ? worstMessage(alone, worst) : null,
  };
}

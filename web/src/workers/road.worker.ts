import type { RigView } from '@wagonomos/core';
import {
  answerTrip,
  leastOnTheRoad,
  reckonTrip,
  tripRemedies,
  type Section,
  type Trip,
  type TripAnswer,
  type TripQuestion,
  type TripRemedy,
} from '@wagonomos/core/road';
import { expose } from 'comlink';

/** What would keep a limit on a trip: each try is the whole trip reckoned anew, too long for the page. */
interface RoadQuestion {
  readonly start: RigView;
  readonly trip: Pick<Trip, 'date' | 'rates'>;
  readonly sections: readonly Section[];
  /** Which limit, by the id of its check. */
  readonly check: string;
  /** Parts that are over. */
  readonly behind: readonly string[];
}

const work = {
  answer: (question: TripQuestion): TripAnswer => answerTrip(question),
  remedies: ({ start, trip, sections, check, behind }: RoadQuestion): readonly TripRemedy[] => {
    const reckoned = reckonTrip(start, trip, sections);
    const over = new Set(behind);
    const of = leastOnTheRoad(reckoned, over).find((one) => one.check.id === check);
    return of ? tripRemedies(reckoned, trip, of, over) : [];
  },
};
export type RoadWork = typeof work;
expose(work);

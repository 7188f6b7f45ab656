import type { RigView } from '@wagonomos/core';
import {
  highsSolver,
  leastToLeave,
  pack,
  solvedWays,
  waterMoments,
  type LeastToLeave,
  type PackingAnswer,
  type PackingWish,
} from '@wagonomos/core/packing';
import type { SmallTrailerWords, SolvedWays } from '@wagonomos/core/uprating';
import { drivenMoments, reckonTrip, type Section, type Trip } from '@wagonomos/core/road';
import { expose } from 'comlink';
import loadHighs from 'highs';
import runtime from 'highs/runtime?url';

/** What is to be packed, and when it has to hold. */
export interface PackingQuestion {
  readonly view: RigView;
  readonly wish: PackingWish;
  /** Left out: as it stands; `water`: with its water used up too; else all along a trip. */
  readonly along?: 'water' | { readonly trip: Pick<Trip, 'date' | 'rates'>; readonly sections: readonly Section[] };
  readonly seconds: number;
}

const clock = () => performance.now() / 1000;
const solver = loadHighs({ locateFile: () => runtime }).then((highs) => highsSolver(highs, clock));
/** s: more often nobody can read. */
const toldEvery = 0.3;

function momentsOf({ view, along }: PackingQuestion): readonly RigView[] {
  if (along === undefined) return [view];
  if (along === 'water') return waterMoments(view);
  return [view, ...drivenMoments(reckonTrip(view, along.trip, along.sections)).map((moment) => moment.view)];
}

const work = {
  /** @param onBetter told of better and better answers while it looks for the best */
  pack: async (question: PackingQuestion, onBetter: (better: PackingAnswer) => void): Promise<PackingAnswer> => {
    const solve = await solver;
    let told = -Infinity;
    return pack(momentsOf(question), question.wish, solve, {
      seconds: question.seconds,
      now: clock,
      onBetter: (better) => {
        if (clock() - told < toldEvery) return;
        told = clock();
        onBetter(better);
      },
    });
  },
  leastToLeave: async (view: RigView, seconds: number): Promise<LeastToLeave | null> =>
    leastToLeave(view, await solver, { seconds, now: clock }),
  solvedWays: async (view: RigView, words: SmallTrailerWords, seconds: number): Promise<SolvedWays> =>
    solvedWays(view, words, await solver, { seconds, now: clock }),
};
export type PackingWork = typeof work;
expose(work);

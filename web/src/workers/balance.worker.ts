import { assess, type RigView } from '@wagonomos/core';
import {
  compareSwaying,
  swayByPlace,
  swayPair,
  type SwayComparison,
  type SwayInPlace,
  type SwayPair,
} from '@wagonomos/core/balance';
import { expose } from 'comlink';

/** How a rig swings: hundreds of small stability questions, too long for the page. */
export interface SwayAnswer {
  /** Beside the other loading; null: one of them cannot be reckoned, or there is none. */
  readonly beside: SwayComparison | null;
  readonly byPlace: readonly SwayInPlace[];
  readonly swings: SwayPair | null;
}

const work = {
  sway: (view: RigView, other: RigView | null): SwayAnswer => ({
    beside: compareSwaying(assess(other ?? view).loads, assess(view).loads),
    byPlace: swayByPlace(view),
    swings: swayPair(view),
  }),
};
export type BalanceWork = typeof work;
expose(work);

import type { Summary } from '@wagonomos/core';
import type { BallStands } from '@wagonomos/core/balance';
import type { RouteMeta, RouteRecordRaw } from 'vue-router';
import '../shared/routeMeta.ts';

/** What a mile post says of its station: a key of the catalogue with its number. */
interface Post {
  readonly key: string;
  readonly count?: number;
  readonly warn?: boolean;
}

/** What posts are written from. */
interface PostFacts {
  readonly state: Summary;
  readonly slips: number;
  /** Trips that are planned. */
  readonly trips: number;
  /** Whether the load on the coupling is where it should be; null: nothing is towed, or it is not known. */
  readonly ball: BallStands | null;
}

/** A view of a rig: everything the shell has to know of it. Nobody asks for a route by its name. */
export interface Station {
  readonly name: string;
  /** The key that goes there after `g`, and what stands on its post; left out: it is no post of the route. */
  readonly key?: string;
  readonly post?: (facts: PostFacts) => Post;
  readonly view: RouteRecordRaw['component'];
  readonly meta: RouteMeta;
}

const verdictPost = ({ state: { over, undecided, tight } }: PostFacts): Post => {
  if (over > 0) return { key: 'over', count: over, warn: true };
  if (undecided > 0) return { key: 'undecided', count: undecided };
  return tight > 0 ? { key: 'tight', count: tight } : { key: 'within' };
};

/** Every view of a rig, those of the route in the owner's order first. */
export const stations: readonly Station[] = [
  {
    name: 'plates',
    key: 'p',
    post: ({ state }) => ({ key: 'figures', count: state.figuresRead }),
    view: () => import('../stations/plates/PlatesStation.vue'),
    meta: { stage: 'rig' },
  },
  {
    name: 'load',
    key: 'l',
    post: ({ state }) => ({ key: 'things', count: state.thingsOnBoard }),
    view: () => import('../stations/load/LoadStation.vue'),
    meta: { stage: 'rig', workbench: true },
  },
  {
    name: 'balance',
    key: 'b',
    post: ({ ball }) => ({
      key: ball === null ? 'noBall' : ball === 'right' ? 'ballRight' : ball === 'open' ? 'ballOpen' : 'ballOff',
    }),
    view: () => import('../stations/balance/BalanceStation.vue'),
    meta: { stage: 'rig' },
  },
  {
    name: 'weigh',
    key: 'w',
    post: ({ slips }) => ({ key: 'slips', count: slips }),
    view: () => import('../stations/weigh/WeighStation.vue'),
    meta: { stage: 'folded' },
  },
  {
    name: 'verdict',
    key: 'v',
    post: verdictPost,
    view: () => import('../stations/verdict/VerdictStation.vue'),
    meta: { stage: 'folded', choosesBasis: true },
  },
  {
    name: 'uprate',
    key: 'u',
    post: () => ({ key: 'uprate' }),
    view: () => import('../stations/uprate/UprateStation.vue'),
    meta: { stage: 'folded' },
  },
  {
    name: 'road',
    key: 'r',
    post: ({ trips }) => ({ key: 'trips', count: trips }),
    view: () => import('../stations/road/RoadStation.vue'),
    meta: { stage: 'rig' },
  },
  {
    name: 'papers',
    key: 'f',
    post: () => ({ key: 'papers' }),
    view: () => import('../stations/papers/PapersStation.vue'),
    meta: { stage: 'folded', choosesBasis: true },
  },
  { name: 'rules', view: () => import('../stations/rules/RulesView.vue'), meta: { stage: 'sentence' } },
  { name: 'pair', view: () => import('../stations/pair/PairView.vue'), meta: { stage: 'none' } },
  { name: 'compare', view: () => import('../stations/compare/CompareView.vue'), meta: { stage: 'none' } },
  {
    name: 'card',
    view: () => import('../stations/card/RoadsideCard.vue'),
    meta: { stage: 'none', choosesBasis: true },
  },
];

/** The posts of the route. */
export const posts = stations.filter(
  (one): one is Station & Required<Pick<Station, 'key' | 'post'>> => one.key !== undefined,
);

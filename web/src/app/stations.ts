import type { Summary } from '@wagonomos/core';
import type { BallStands } from '@wagonomos/core/balance';
import type { RouteRecordRaw } from 'vue-router';
import { posts as postKeys, rigViews, type PostName, type RigViewName } from '../shared/views.ts';

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

const verdictPost = ({ state: { over, undecided, tight } }: PostFacts): Post => {
  if (over > 0) return { key: 'over', count: over, warn: true };
  if (undecided > 0) return { key: 'undecided', count: undecided };
  return tight > 0 ? { key: 'tight', count: tight } : { key: 'within' };
};

/** What is shown for each view of a rig. */
const components: Readonly<Record<RigViewName, RouteRecordRaw['component']>> = {
  plates: () => import('../stations/plates/PlatesStation.vue'),
  load: () => import('../stations/load/LoadStation.vue'),
  balance: () => import('../stations/balance/BalanceStation.vue'),
  weigh: () => import('../stations/weigh/WeighStation.vue'),
  verdict: () => import('../stations/verdict/VerdictStation.vue'),
  uprate: () => import('../stations/uprate/UprateStation.vue'),
  road: () => import('../stations/road/RoadStation.vue'),
  papers: () => import('../stations/papers/PapersStation.vue'),
  rules: () => import('../stations/rules/RulesView.vue'),
  pair: () => import('../stations/pair/PairView.vue'),
  compare: () => import('../stations/compare/CompareView.vue'),
  card: () => import('../stations/card/RoadsideCard.vue'),
};

/** What the post of each station says. */
const postsOf: Readonly<Record<PostName, (facts: PostFacts) => Post>> = {
  plates: ({ state }) => ({ key: 'figures', count: state.figuresRead }),
  load: ({ state }) => ({ key: 'things', count: state.thingsOnBoard }),
  balance: ({ ball }) => ({
    key: ball === null ? 'noBall' : ball === 'right' ? 'ballRight' : ball === 'open' ? 'ballOpen' : 'ballOff',
  }),
  weigh: ({ slips }) => ({ key: 'slips', count: slips }),
  verdict: verdictPost,
  uprate: () => ({ key: 'uprate' }),
  road: ({ trips }) => ({ key: 'trips', count: trips }),
  papers: () => ({ key: 'papers' }),
};

/** The routes of a rig's views. */
export const rigRoutes = rigViews.map(({ name, stage, workbench, choosesBasis }) => ({
  path: name,
  name,
  component: components[name],
  meta: { stage, workbench, choosesBasis },
})) as RouteRecordRaw[];

/** The posts of the route. */
export const posts = postKeys.map(({ name, key }) => ({ name, key, post: postsOf[name] }));

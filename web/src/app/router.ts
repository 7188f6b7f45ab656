import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import NotBuilt from '../stations/later/NotBuilt.vue';
import YardView from '../stations/yard/YardView.vue';
import RigLayout from './RigLayout.vue';
import { stations, type StationName } from './stations.ts';

const views: Readonly<Partial<Record<StationName, RouteRecordRaw['component']>>> = {
  plates: () => import('../stations/plates/PlatesStation.vue'),
  load: () => import('../stations/load/LoadStation.vue'),
  balance: () => import('../stations/balance/BalanceStation.vue'),
  weigh: () => import('../stations/weigh/WeighStation.vue'),
  verdict: () => import('../stations/verdict/VerdictStation.vue'),
  uprate: () => import('../stations/uprate/UprateStation.vue'),
  papers: () => import('../stations/papers/PapersStation.vue'),
};

const routes: RouteRecordRaw[] = [
  { path: '/', name: 'yard', component: YardView },
  { path: '/words', name: 'words', component: () => import('../stations/words/GlossaryView.vue') },
  {
    path: '/rig/:rig',
    component: RigLayout,
    redirect: (to) => ({ name: 'verdict', params: to.params }),
    children: [
      { path: 'rules', name: 'rules', component: () => import('../stations/rules/RulesView.vue') },
      { path: 'compare', name: 'compare', component: () => import('../stations/compare/CompareView.vue') },
      { path: 'card', name: 'card', component: () => import('../stations/card/RoadsideCard.vue') },
      ...stations.map((station) => ({
        path: station.name,
        name: station.name,
        component: views[station.name] ?? NotBuilt,
        meta: { station: station.name },
      })),
    ],
  },
  { path: '/:rest(.*)*', redirect: '/' },
];

export const router = createRouter({ history: createWebHistory(), routes });

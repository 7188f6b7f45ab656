import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import YardView from '../stations/yard/YardView.vue';
import { stations } from './stations.ts';

const routes: RouteRecordRaw[] = [
  { path: '/', name: 'yard', component: YardView },
  { path: '/start', name: 'start', component: () => import('../stations/start/StartView.vue') },
  { path: '/look/:body', name: 'look', component: () => import('../stations/look/WalkView.vue') },
  { path: '/take', name: 'take', component: () => import('../stations/take/TakeView.vue') },
  { path: '/words', name: 'words', component: () => import('../stations/words/GlossaryView.vue') },
  {
    path: '/rig/:rig',
    component: () => import('./RigLayout.vue'),
    redirect: (to) => ({ name: 'verdict', params: to.params }),
    children: stations.map(({ name, view, meta }) => ({
      path: name,
      name,
      component: view,
      meta,
    })) as RouteRecordRaw[],
  },
  { path: '/:rest(.*)*', redirect: '/' },
];

export const router = createRouter({ history: createWebHistory(), routes });

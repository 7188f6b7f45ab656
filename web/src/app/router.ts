import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import { views } from '../shared/views.ts';
import YardView from '../stations/yard/YardView.vue';
import { rigRoutes } from './stations.ts';

const routes: RouteRecordRaw[] = [
  { ...views.yard, name: 'yard', component: YardView },
  { ...views.start, name: 'start', component: () => import('../stations/start/StartView.vue') },
  { ...views.look, name: 'look', component: () => import('../stations/look/WalkView.vue') },
  { ...views.take, name: 'take', component: () => import('../stations/take/TakeView.vue') },
  { ...views.words, name: 'words', component: () => import('../stations/words/GlossaryView.vue') },
  {
    path: '/rig/:rig',
    component: () => import('./RigLayout.vue'),
    redirect: (to) => ({ name: 'verdict', params: to.params }),
    children: rigRoutes,
  },
  { path: '/:rest(.*)*', redirect: '/' },
];

export const router = createRouter({ history: createWebHistory(), routes });

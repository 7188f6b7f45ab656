import type { RigView } from '@wagonomos/core';
import type { LeastToLeave } from '@wagonomos/core/packing';
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { worked } from '../../workers/remote.ts';
import { unwatched } from '../../workers/unwatched.ts';
import type { PackingWork } from '../../workers/packing.worker.ts';

/** s: what is not proven by then is said to be not. */
const patience = 12;

/** The least that has to stay at home, worked out away from the page; null until it is known. */
export function useLeastToLeave(view: () => RigView) {
  const found = shallowRef<LeastToLeave | null>(null);
  const state = ref<'looking' | 'done' | 'unknown'>('looking');
  const worker = worked<PackingWork>(
    () => new Worker(new URL('../../workers/packing.worker.ts', import.meta.url), { type: 'module' }),
  );
  let turn = 0;
  watch(
    view,
    async (now) => {
      const mine = (turn += 1);
      worker.end();
      found.value = null;
      state.value = 'looking';
      const answer = await worker
        .ask<LeastToLeave | null>(async (api) => api.leastToLeave(unwatched(now), patience))
        .catch(() => null);
      if (mine !== turn) return;
      found.value = answer;
      state.value = answer ? 'done' : 'unknown';
    },
    { immediate: true },
  );
  onBeforeUnmount(() => {
    turn += 1;
    worker.end();
  });
  return { found, state };
}

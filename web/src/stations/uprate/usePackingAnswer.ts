import type { RigView } from '@wagonomos/core';
import type { Remote } from 'comlink';
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { worked } from '../../workers/remote.ts';
import { unwatched } from '../../workers/unwatched.ts';
import type { PackingWork } from '../../workers/packing.worker.ts';

/** s: what is not proven by then is said to be not. */
const patience = 12;

/** What the solver says of a rig, worked out away from the page, anew with each change of the rig; null until it is known. */
export function usePackingAnswer<Answer>(
  view: () => RigView,
  ask: (api: Remote<PackingWork>, view: RigView, seconds: number) => Promise<Answer | null>,
) {
  const found = shallowRef<Answer | null>(null);
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
      const answer = await worker.ask(async (api) => ask(api, unwatched(now), patience)).catch(() => null);
      if (mine !== turn) return;
      found.value = answer;
      state.value = answer === null ? 'unknown' : 'done';
    },
    { immediate: true },
  );
  onBeforeUnmount(() => {
    turn += 1;
    worker.end();
  });
  return { found, state };
}

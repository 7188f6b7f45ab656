import type { RigView } from '@wagonomos/core';
import type { Remote } from 'comlink';
import { computed, watch } from 'vue';
import { packingWorker } from '../../workers/clients.ts';
import type { PackingWork } from '../../workers/packing.worker.ts';
import { unwatched } from '../../workers/unwatched.ts';
import { useLatest } from '../../workers/useLatest.ts';

/** s: what is not proven by then is said to be not. */
const patience = 12;

/** What the solver says of a rig, worked out away from the page, anew with each change of the rig; null until it is known. */
export function usePackingAnswer<Answer>(
  view: () => RigView,
  ask: (api: Remote<PackingWork>, view: RigView, seconds: number) => Promise<Answer | null>,
) {
  const latest = useLatest<PackingWork, Answer>(packingWorker());
  watch(view, (now) => latest.ask(async (api) => ask(api, unwatched(now), patience)), { immediate: true });
  const state = computed((): 'looking' | 'done' | 'unknown' => {
    if (latest.state.value === 'answered') return 'done';
    return latest.state.value === 'broken' ? 'unknown' : 'looking';
  });
  return { found: latest.answer, state };
}

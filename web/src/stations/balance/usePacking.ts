import type { RigView } from '@wagonomos/core';
import type { PackingAnswer } from '@wagonomos/core/packing';
import { proxy } from 'comlink';
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { inTime, late } from '../../workers/inTime.ts';
import { WorkerLost, worked } from '../../workers/remote.ts';
import { unwatched } from '../../workers/unwatched.ts';
import type { PackingQuestion, PackingWork } from '../../workers/packing.worker.ts';

/** s: what is not proven by then is shown with how far from the best it may be. */
const patience = 20;
/** s beyond it: the solver ends by itself, but in the midst of some of what it does it does not look at the clock. */
const grace = 1.5;

/** The best packing of a rig, looked for away from the page whenever the question changes; what was found by then when it is stopped. */
export function usePacking(question: () => Omit<PackingQuestion, 'seconds'> | null) {
  const answer = shallowRef<PackingAnswer | null>(null);
  /** The rig the answer is of. */
  const of = shallowRef<RigView | null>(null);
  const state = ref<'idle' | 'looking' | 'stopped' | 'done' | 'broken'>('idle');
  const worker = worked<PackingWork>(
    () => new Worker(new URL('../../workers/packing.worker.ts', import.meta.url), { type: 'module' }),
  );
  let turn = 0;
  /** What is at work cannot be asked to stop: it is ended, and what it found by then stays. One that is done is kept for the next question. */
  const stop = () => {
    turn += 1;
    if (state.value !== 'looking') return;
    worker.end();
    state.value = 'stopped';
  };
  const look = async () => {
    stop();
    const mine = turn;
    const asked = question();
    answer.value = null;
    of.value = asked?.view ?? null;
    if (!asked) {
      state.value = 'idle';
      return;
    }
    state.value = 'looking';
    const onBetter = proxy((better: PackingAnswer) => {
      if (mine === turn) answer.value = better;
    });
    try {
      const found = await inTime(
        worker.ask<PackingAnswer>(async (api) => api.pack(unwatched({ ...asked, seconds: patience }), onBetter)),
        1000 * (patience + grace),
      );
      if (mine !== turn) return;
      if (found === late) {
        // The best that was told by then stands, with how far from the best it may be; nothing more of it is heard.
        turn += 1;
        worker.end();
        answer.value ??= { kind: 'undecided', unjudged: [] };
      } else answer.value = found;
      state.value = 'done';
    } catch (error) {
      if (mine === turn) state.value = 'broken';
      else if (!(error instanceof WorkerLost)) throw error;
    }
  };
  watch(question, look, { immediate: true });
  onBeforeUnmount(() => {
    stop();
    worker.end();
  });
  return { answer, of, state, stop, look };
}

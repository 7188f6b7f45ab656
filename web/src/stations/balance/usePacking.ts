import type { RigView } from '@wagonomos/core';
import type { PackingAnswer } from '@wagonomos/core/packing';
import { computed, shallowRef, watch } from 'vue';
import { packingWorker } from '../../workers/clients.ts';
import type { PackingQuestion, PackingWork } from '../../workers/packing.worker.ts';
import { unwatched } from '../../workers/unwatched.ts';
import { useLatest } from '../../workers/useLatest.ts';

/** s: what is not proven by then is shown with how far from the best it may be. */
const patience = 20;
/** s beyond it: the solver ends by itself, but in the midst of some of what it does it does not look at the clock. */
const grace = 1.5;

const undecided: PackingAnswer = { kind: 'undecided', unjudged: [] };

/** The best packing of a rig, looked for away from the page whenever the question changes; what was found by then when it is stopped. */
export function usePacking(question: () => Omit<PackingQuestion, 'seconds'> | null) {
  const { answer, state, ask, stop } = useLatest<PackingWork, PackingAnswer>(packingWorker());
  /** The rig the answer is of. */
  const of = shallowRef<RigView | null>(null);
  const look = () => {
    const asked = question();
    of.value = asked?.view ?? null;
    return ask(
      asked &&
        (async (api, heard) =>
          api.pack(
            unwatched({ ...asked, seconds: patience }),
            heard((better: PackingAnswer) => {
              answer.value = better;
            }),
          )),
      // The best that was told by then stands, with how far from the best it may be.
      { within: { ms: 1000 * (patience + grace), late: (by) => by ?? undecided } },
    );
  };
  watch(question, look, { immediate: true });
  const seen = computed(() => {
    if (state.value === 'answered') return 'done';
    return state.value === 'asking' ? 'looking' : state.value;
  });
  return { answer, of, state: seen, stop, look };
}

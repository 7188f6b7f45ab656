import { proxy, type ProxyMarked, type Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef, type ShallowRef } from 'vue';
import { inTime, late } from './inTime.ts';
import type { WorkerClient } from './remote.ts';

/** How a question stands: nobody asked, it is at work, it is answered, the owner stopped it, nobody can answer. */
export type Asking = 'idle' | 'asking' | 'answered' | 'stopped' | 'broken';

/** What a worker tells on the way to its answer; heard only as long as no other question was asked since. */
type Heard = <Told>(tell: (told: Told) => void) => ((told: Told) => void) & ProxyMarked;

interface HowAsked<Answer> {
  /** What was answered before stands until there is another answer. */
  readonly keeps?: boolean;
  /** ms after which nobody waits any more, and what then is the answer, from what was told by then. */
  readonly within?: { readonly ms: number; readonly late: (by: Answer | null) => Answer };
}

/**
 * Questions to a worker of which only the last counts: what an earlier one still brings is not heard. What is at work cannot be asked to
 * stop, so that the worker is ended; one that is done is kept for the next question. It ends with whoever asks.
 */
export function useLatest<Api, Answer>(worker: WorkerClient<Api>) {
  const answer: ShallowRef<Answer | null> = shallowRef(null);
  const state = ref<Asking>('idle');
  /** Goes up with every question and every stop. */
  let turn = 0;

  const stop = () => {
    turn += 1;
    if (state.value !== 'asking') return;
    worker.end();
    state.value = 'stopped';
  };
  /** Nothing is asked, and nothing was answered. */
  const forget = () => {
    stop();
    answer.value = null;
    state.value = 'idle';
  };
  /** @param question null: there is nothing to ask. An answer of null is none. */
  const ask = async (
    question: ((api: Remote<Api>, heard: Heard) => Promise<Answer | null>) | null,
    { keeps = false, within }: HowAsked<Answer> = {},
  ): Promise<void> => {
    stop();
    if (!question) {
      forget();
      return;
    }
    const mine = turn;
    if (!keeps) answer.value = null;
    state.value = 'asking';
    const heard: Heard = (tell) =>
      proxy((told) => {
        if (mine === turn) tell(told);
      });
    const asked = worker.ask<Answer | null>(async (api) => question(api, heard)).catch(() => null);
    const found = within ? await inTime(asked, within.ms) : await asked;
    if (mine !== turn) return;
    // Nothing more of it is heard.
    turn += 1;
    if (found === late) worker.end();
    answer.value = found === late ? (within?.late(answer.value) ?? null) : found;
    state.value = answer.value === null ? 'broken' : 'answered';
  };
  onScopeDispose(() => {
    turn += 1;
    worker.end();
  });
  return { answer, state, ask, stop, forget };
}

import { answerTrip, type TripAnswer, type TripQuestion } from '@wagonomos/core/road';
import { computed, onScopeDispose, shallowRef, watch } from 'vue';
import { roadWorker } from '../../workers/clients.ts';
import { unwatched } from '../../workers/unwatched.ts';

/** Parts of a trip that is reckoned with the page; a longer one would hold the page up, and is reckoned beside it. */
const atOnce = 24;

/** A question of one trip: what was answered of another says nothing of it. */
export interface AskedTrip {
  readonly id: string;
  readonly question: TripQuestion;
}

/**
 * A trip reckoned: a short one at once, a long one by a worker. Until the worker has answered, what it said last of this trip stands,
 * and is told to be old. Of questions that come while it reckons only the last is asked.
 */
export function useTripAnswer(asked: () => AskedTrip | null) {
  const now = computed(asked);
  const isLong = computed(() => {
    const { sections = [], plan = [] } = now.value?.question ?? {};
    return Math.max(sections.length, plan.length) > atOnce;
  });
  const direct = computed(() => (now.value && !isLong.value ? answerTrip(now.value.question) : null));
  const arrived = shallowRef<{ readonly of: AskedTrip; readonly answer: TripAnswer } | null>(null);
  const worker = roadWorker();
  let busy = false;
  let over = false;
  const askForLast = async () => {
    if (busy) return;
    busy = true;
    for (;;) {
      const { value: of } = now;
      if (over || !of || !isLong.value || arrived.value?.of === of) break;
      // A worker that cannot be had is no reason to say nothing: then the page waits.
      const answer = await worker
        .ask((api) => api.answer(unwatched(of.question)))
        .catch(() => (over ? null : answerTrip(of.question)));
      if (answer && now.value?.id === of.id) arrived.value = { of, answer };
    }
    busy = false;
  };
  watch(now, () => void askForLast(), { immediate: true });
  onScopeDispose(() => {
    over = true;
    worker.end();
  });
  const answer = computed((): TripAnswer | null => {
    if (direct.value) return direct.value;
    return now.value && arrived.value?.of.id === now.value.id ? arrived.value.answer : null;
  });
  /** What is shown is not yet, or not any more, what is asked. */
  const reckoning = computed(() => now.value !== null && isLong.value && arrived.value?.of !== now.value);
  return { answer, reckoning };
}

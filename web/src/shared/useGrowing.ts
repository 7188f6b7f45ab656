import { onBeforeUnmount, ref, watch, type Ref } from 'vue';

/** How long the rest may wait for a page that is never idle, ms. */
const patience = 400;
const whenIdle = (then: () => void): (() => void) => {
  // Not every browser says when it is idle.
  if (typeof requestIdleCallback !== 'function') {
    const timer = setTimeout(then, 30);
    return () => clearTimeout(timer);
  }
  const asked = requestIdleCallback(then, { timeout: patience });
  return () => cancelIdleCallback(asked);
};

/**
 * How many of a list are made: the `first` at once, `step` more each time the page has nothing else to do, until all are.
 * A station opens with what is in sight; what lies below is there before anybody can scroll to it.
 */
export function useGrowing(all: () => number, step: number, first = step): Ref<number> {
  const made = ref(first);
  let stop = () => {};
  const grow = () => {
    if (made.value >= all()) return;
    stop = whenIdle(() => {
      made.value += step;
      grow();
    });
  };
  watch(
    all,
    () => {
      stop();
      grow();
    },
    { immediate: true },
  );
  onBeforeUnmount(() => stop());
  return made;
}

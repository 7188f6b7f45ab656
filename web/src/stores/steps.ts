import type { Workspace } from '@wagonomos/core';
import { computed, shallowRef } from 'vue';
import type { Entry } from './keptHistory.ts';

const longestHistory = 500;

/** The steps that undo and redo walk: each holds the document beside which it was begun. */
export function useSteps() {
  const past = shallowRef<readonly Entry[]>([]);
  const future = shallowRef<readonly Entry[]>([]);
  let burst: string | undefined;

  /** Ends a run of typing: the next edit is a step of its own. */
  const settle = () => {
    burst = undefined;
  };
  /**
   * Notes that `before` was changed.
   * @param merge edits in a row with the same key are one step
   * @returns whether a step was begun
   */
  const note = (before: Workspace, label: string, merge: string | undefined): boolean => {
    const begins = merge === undefined || merge !== burst;
    if (begins) past.value = [...past.value.slice(1 - longestHistory), { document: before, label }];
    burst = merge;
    future.value = [];
    return begins;
  };
  /** Goes one step back or on from `present`. @returns the document there; null at the end */
  const step = (way: 'back' | 'on', present: Workspace): Workspace | null => {
    const [from, to] = way === 'back' ? [past, future] : [future, past];
    const entry = from.value.at(-1);
    if (!entry) return null;
    to.value = [...to.value, { document: present, label: entry.label }];
    from.value = from.value.slice(0, -1);
    settle();
    return entry.document;
  };
  const begin = (history: { past: readonly Entry[]; future: readonly Entry[] } | null) => {
    past.value = history?.past ?? [];
    future.value = history?.future ?? [];
    settle();
  };
  const undoLabel = computed(() => past.value.at(-1)?.label);
  const redoLabel = computed(() => future.value.at(-1)?.label);
  return { past, future, note, step, begin, settle, undoLabel, redoLabel };
}

import { assess, localDay, onDay, pillars, summary, viewRig, type Side } from '@wagonomos/core';
import { chains as chainsOf, roomInPlaces, type PlaceRoom } from '@wagonomos/core/limits';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useWorkspace } from './workspace.ts';

interface Probe {
  readonly side: Side;
  readonly x: number;
  readonly text: string;
}

/** The rig in hand, seen through core. Nothing here is stored; all of it follows the document. */
export const useRig = defineStore('rig', () => {
  const workspace = useWorkspace();
  const rigId = ref<string | null>(null);

  const today = localDay(new Date());
  const view = computed(() => {
    const found = workspace.document && rigId.value !== null ? viewRig(workspace.document, rigId.value) : null;
    return found && onDay(found, today);
  });
  const assessment = computed(() => view.value && assess(view.value));
  const supports = computed(() => (assessment.value ? pillars(assessment.value) : []));
  const rooms = computed<readonly PlaceRoom[]>(() =>
    view.value && assessment.value ? roomInPlaces(view.value, assessment.value.checks) : [],
  );
  const state = computed(() => assessment.value && summary(assessment.value));
  const chains = computed(() => (assessment.value ? chainsOf(assessment.value.loads) : []));
  /** A spot somebody is asking about; not part of the document. */
  const probe = ref<Probe | null>(null);
  const words = computed(() => view.value?.situation.words ?? 'uk');

  return { rigId, view, assessment, supports, rooms, chains, probe, state, words };
});

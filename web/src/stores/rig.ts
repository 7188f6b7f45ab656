import { assess, pillars, summary, type Side } from '@wagonomos/core';
import { chains as chainsOf, roomInPlaces, type PlaceRoom } from '@wagonomos/core/limits';
import { defineStore, storeToRefs } from 'pinia';
import { computed, ref } from 'vue';
import { useOpenRig } from './openRig.ts';

interface Probe {
  readonly side: Side;
  readonly x: number;
  readonly text: string;
}

/** The rig in hand, seen through core. Nothing here is stored; all of it follows the document. */
export const useRig = defineStore('rig', () => {
  const { rigId, view, words } = storeToRefs(useOpenRig());
  const assessment = computed(() => view.value && assess(view.value));
  const supports = computed(() => (assessment.value ? pillars(assessment.value) : []));
  const rooms = computed<readonly PlaceRoom[]>(() =>
    view.value && assessment.value ? roomInPlaces(view.value, assessment.value.checks) : [],
  );
  const state = computed(() => assessment.value && summary(assessment.value));
  const chains = computed(() => (assessment.value ? chainsOf(assessment.value.loads) : []));
  /** A spot somebody is asking about; not part of the document. */
  const probe = ref<Probe | null>(null);

  return { rigId, view, assessment, supports, rooms, chains, probe, state, words };
});

import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { PartKey, Sight } from './arranging.ts';

/** From where the rig is looked at, and which part is being put where it is. Nothing of it is stored. */
export const useArrange = defineStore('arrange', () => {
  const sight = ref<Sight>('side');
  const arranging = ref(false);
  const chosen = ref<PartKey | null>(null);

  const stop = () => {
    arranging.value = false;
    chosen.value = null;
  };
  return { sight, arranging, chosen, stop };
});

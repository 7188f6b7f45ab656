import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Which stations have the rig above them folded: as their nature is, until somebody wants it otherwise. */
export const useStage = defineStore('stage', () => {
  const chosen = ref<Readonly<Record<string, boolean>>>({});
  const isFolded = (station: string, usually: boolean): boolean => chosen.value[station] ?? usually;
  const fold = (station: string, folded: boolean) => {
    chosen.value = { ...chosen.value, [station]: folded };
  };
  return { isFolded, fold };
});

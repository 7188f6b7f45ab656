import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Which number's arithmetic lies open. */
export const useArithmetic = defineStore('arithmetic', () => {
  const openId = ref<string | null>(null);
  const open = (id: string) => {
    openId.value = id;
  };
  const close = () => {
    openId.value = null;
  };
  return { openId, open, close };
});

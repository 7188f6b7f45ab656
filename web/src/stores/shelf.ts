import { defineStore } from 'pinia';
import { ref } from 'vue';

/** The thing whose figures lie open. Not part of the document. */
export const useShelf = defineStore('shelf', () => {
  const opened = ref<string | null>(null);
  return { opened };
});

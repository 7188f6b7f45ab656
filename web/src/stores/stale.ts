import { defineStore } from 'pinia';
import { ref } from 'vue';

/** A part of the app could not be loaded: the server has another version by now, or there is no network and it was never here. */
export const useStale = defineStore('stale', () => {
  const stale = ref(false);
  const tell = () => {
    stale.value = true;
  };
  return { stale, tell };
});

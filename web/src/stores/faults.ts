import { defineStore } from 'pinia';
import { ref } from 'vue';

/** An error nobody expected: shown with the file for download instead of a white page. */
export const useFaults = defineStore('faults', () => {
  const fault = ref<string | null>(null);
  const report = (error: unknown) => {
    console.error(error);
    fault.value = error instanceof Error ? error.message : String(error);
  };
  const clear = () => {
    fault.value = null;
  };
  return { fault, report, clear };
});

import { onDay, viewRig } from '@wagonomos/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useToday } from './today.ts';
import { useWorkspace } from './workspace.ts';

/** Which rig is open, as it stands today, and in which region's words: all the shell knows of it before anything is reckoned. */
export const useOpenRig = defineStore('openRig', () => {
  const workspace = useWorkspace();
  const rigId = ref<string | null>(null);
  const today = useToday();
  const view = computed(() => {
    const found = workspace.document && rigId.value !== null ? viewRig(workspace.document, rigId.value) : null;
    return found && onDay(found, today.day);
  });
  const words = computed(() => view.value?.situation.words ?? 'uk');
  return { rigId, view, words };
});

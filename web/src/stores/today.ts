import { localDay } from '@wagonomos/core';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { onScopeDispose, readonly, ref } from 'vue';

/**
 * The calendar day it is here, for all that is judged by it or begun on it. It turns at midnight, and is looked at anew whenever
 * somebody comes back to the page: a device that slept has missed its midnight.
 */
export const useToday = defineStore('today', () => {
  const day = ref(localDay(new Date()));
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = () => {
    const now = new Date();
    day.value = localDay(now);
    clearTimeout(timer);
    const midnight = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);
    timer = setTimeout(look, midnight.getTime() - now.getTime());
  };
  look();
  useEventListener(document, 'visibilitychange', look);
  useEventListener(window, ['focus', 'pageshow'], look);
  onScopeDispose(() => clearTimeout(timer));
  return { day: readonly(day) };
});

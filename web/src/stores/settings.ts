import { massUnits, type MassUnit } from '@wagonomos/core';
import { usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watchEffect } from 'vue';
import type { KeyValueStore } from '../storage/localStore.ts';

type Theme = 'light' | 'dark' | 'auto';
const themes: readonly Theme[] = ['light', 'dark', 'auto'];

/** How this browser shows things; not part of the document. */
export const useSettings = defineStore('settings', () => {
  const massUnit = ref<MassUnit>('kg');
  const theme = ref<Theme>('auto');
  const prefersDark = usePreferredDark();
  const dark = computed(() => theme.value === 'dark' || (theme.value === 'auto' && prefersDark.value));
  let store: KeyValueStore | undefined;

  watchEffect(() => {
    document.documentElement.classList.toggle('dark', dark.value);
  });

  const save = () => void store?.set('settings', { massUnit: massUnit.value, theme: theme.value });

  const load = async (from: KeyValueStore) => {
    store = from;
    const kept = (await from.get('settings').catch(() => null)) as { massUnit?: unknown; theme?: unknown } | null;
    massUnit.value = massUnits.find((unit) => unit === kept?.massUnit) ?? 'kg';
    theme.value = themes.find((one) => one === kept?.theme) ?? 'auto';
  };

  const switchUnit = () => {
    massUnit.value = massUnit.value === 'kg' ? 'lb' : 'kg';
    save();
  };

  const switchTheme = () => {
    theme.value = dark.value ? 'light' : 'dark';
    save();
  };

  return { massUnit, theme, dark, load, switchUnit, switchTheme };
});

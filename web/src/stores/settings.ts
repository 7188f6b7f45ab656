import { massUnits, type MassUnit } from '@wagonomos/core';
import { usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watchEffect } from 'vue';
import type { KeyValueStore } from '../storage/keyValueStore.ts';

type Theme = 'light' | 'dark' | 'auto';
/** Paper that is usual: A4 nearly everywhere, Letter in North America. */
type SheetSize = 'A4' | 'LETTER';
const themes: readonly Theme[] = ['light', 'dark', 'auto'];

/** How this browser shows things; not part of the document. */
export const useSettings = defineStore('settings', () => {
  const massUnit = ref<MassUnit>('kg');
  const theme = ref<Theme>('auto');
  const prefersDark = usePreferredDark();
  const dark = computed(() => theme.value === 'dark' || (theme.value === 'auto' && prefersDark.value));
  /** By rig: the plan, or the slip, that its owner last wanted its verdict drawn from. */
  const sheetSize = ref<SheetSize>('A4');
  let store: KeyValueStore | undefined;

  watchEffect(() => {
    document.documentElement.classList.toggle('dark', dark.value);
  });

  const save = () =>
    void store
      ?.set('settings', {
        massUnit: massUnit.value,
        theme: theme.value,
        sheetSize: sheetSize.value,
      })
      .catch(() => undefined);

  const load = async (from: KeyValueStore) => {
    store = from;
    const kept = (await from.get('settings').catch(() => null)) as Record<string, unknown> | null;
    massUnit.value = massUnits.find((unit) => unit === kept?.['massUnit']) ?? 'kg';
    theme.value = themes.find((one) => one === kept?.['theme']) ?? 'auto';
    sheetSize.value = kept?.['sheetSize'] === 'LETTER' ? 'LETTER' : 'A4';
  };

  const switchUnit = () => {
    massUnit.value = massUnit.value === 'kg' ? 'lb' : 'kg';
    save();
  };

  const switchTheme = () => {
    theme.value = dark.value ? 'light' : 'dark';
    save();
  };

  const setSheetSize = (size: SheetSize) => {
    sheetSize.value = size;
    save();
  };

  return { sheetSize, setSheetSize, massUnit, theme, dark, load, switchUnit, switchTheme };
});

import { type RigView } from '@wagonomos/core';
import { caseProgress, type CaseProgress, type UprateCase } from '@wagonomos/core/uprating';
import { computed, type ComputedRef } from 'vue';
import { useToday } from '../../stores/today.ts';

/** How a case stands today. Once applied it is history: what it asked for is read against the plates it replaced. */
export function useCase(
  view: () => RigView,
  one: () => UprateCase | undefined,
): { readonly progress: ComputedRef<CaseProgress | null> } {
  const today = useToday();
  const progress = computed(() => {
    const found = one();
    return found ? caseProgress(view(), found, today.day) : null;
  });
  return { progress };
}

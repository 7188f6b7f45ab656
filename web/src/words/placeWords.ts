import type { Region } from '@wagonomos/core';
import { computed, inject, provide, toValue, type ComputedRef, type InjectionKey, type MaybeRefOrGetter } from 'vue';
import { useOpenRig } from '../stores/openRig.ts';

const key: InjectionKey<ComputedRef<Region>> = Symbol('words of the place');

/** Says in whose words a form and all in it is read, where that is not the open rig's: the country its owner has chosen in it. */
export function providePlaceWords(words: MaybeRefOrGetter<Region>): void {
  provide(
    key,
    computed(() => toValue(words)),
  );
}

/** In whose words numbers are typed here; null: no rig is open, and nobody has said. */
export function usePlaceWords(): ComputedRef<Region | null> {
  const rig = useOpenRig();
  const given = inject(key, null);
  return computed(() => given?.value ?? (rig.view ? rig.words : null));
}

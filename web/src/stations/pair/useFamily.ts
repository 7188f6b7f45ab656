import type { RigView } from '@wagonomos/core';
import { plannedFamily, typicalFamily, type Family } from '@wagonomos/core/pairing';
import { computed, ref, watch } from 'vue';

/** Whose load is put into every pair: what the plan has on board, or what is usual for so many people. */
export const whoseLoads = ['plan', 'typical'] as const;
export type WhoseLoad = (typeof whoseLoads)[number];

/** Who comes along and what they take, asked once for all pairs side by side; none of it is part of the document. */
export function useFamily(view: () => RigView) {
  const whose = ref<WhoseLoad>('plan');
  const people = ref(2);
  /** What was typed instead. kg */
  const inCar = ref<number | undefined>();
  const inTrailer = ref<number | undefined>();

  const planned = computed(() => plannedFamily(view()));
  const base = computed(() => (whose.value === 'plan' ? planned.value : typicalFamily(people.value)));
  const family = computed((): Family => ({
    ...base.value,
    inCar: inCar.value ?? base.value.inCar,
    inTrailer: inTrailer.value ?? base.value.inTrailer,
  }));
  /** Just as the plan has it, so that the rig's own pair stands as its verdict does: null. */
  const asked = computed(() =>
    whose.value === 'plan' && inCar.value === undefined && inTrailer.value === undefined ? null : family.value,
  );
  const asUsual = () => {
    inCar.value = undefined;
    inTrailer.value = undefined;
  };
  watch(
    () => view().rig.id,
    () => {
      const { people: crew, inCar: car, inTrailer: trailer } = planned.value;
      asUsual();
      whose.value = crew.length > 0 ? 'plan' : 'typical';
      // What the plan does know stays: the load of a trailer without a car, that of a car without people.
      if (crew.length > 0) return;
      if (car > 0) inCar.value = car;
      if (trailer > 0) inTrailer.value = trailer;
    },
    { immediate: true },
  );
  const choose = (next: WhoseLoad, count = people.value) => {
    asUsual();
    whose.value = next;
    people.value = count;
  };
  return { whose, people, family, asked, inCar, inTrailer, choose };
}
export type FamilyAsked = ReturnType<typeof useFamily>;

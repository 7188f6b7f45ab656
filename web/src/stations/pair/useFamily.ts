import { viewRig, type RigView } from '@wagonomos/core';
import { loadoutsOf } from '@wagonomos/core/edits';
import { plannedFamily, typicalFamily, type Family } from '@wagonomos/core/pairing';
import { computed, ref, watch } from 'vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** Whose load is put into every pair: what the plan has on board, another loadout of the rig, or what is usual for so many people. */
export type WhoseLoad = 'plan' | `loadout ${string}` | `typical ${number}`;

/** Who comes along and what they take, asked once for all pairs side by side; none of it is part of the document. */
export function useFamily(view: () => RigView) {
  const workspace = useWorkspace();
  const whose = ref<WhoseLoad>('plan');
  /** What was typed instead. kg */
  const inCar = ref<number | undefined>();
  const inTrailer = ref<number | undefined>();

  const planned = computed(() => plannedFamily(view()));
  /** Other ways to load the rig. */
  const loadouts = computed(() => {
    const { rig, loadout } = view();
    return workspace.document ? loadoutsOf(workspace.document, rig).filter(({ id }) => id !== loadout.id) : [];
  });
  /** The trailer stays as it is planned, whoever comes along. */
  const trailerAsPlanned = ref(false);
  const base = computed((): Family => {
    const [kind, which = ''] = whose.value.split(' ');
    if (kind === 'typical') {
      const usual = typicalFamily(Number(which));
      return trailerAsPlanned.value ? { ...usual, inTrailer: null } : usual;
    }
    const other = kind === 'loadout' && workspace.document && viewRig(workspace.document, view().rig.id, which);
    // What is typed of the car leaves the trailer as it hangs there in the plan.
    return other ? plannedFamily(other) : { ...planned.value, inTrailer: null };
  });
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
    trailerAsPlanned.value = false;
  };
  /** kg shown where the trailer is as planned. */
  const trailerLoad = computed(() => family.value.inTrailer ?? planned.value.inTrailer);
  watch(
    () => view().rig.id,
    () => {
      const { people: crew, inCar: car, inTrailer: trailer } = planned.value;
      asUsual();
      whose.value = crew.length > 0 ? 'plan' : 'typical 2';
      // What the plan does know stays: the load of a trailer without a car, that of a car without people.
      if (crew.length > 0) return;
      if (car > 0) inCar.value = car;
      const isSaid = view().loadout.said?.some(({ body }) => body === view().trailer?.id);
      trailerAsPlanned.value = trailer > 0 || isSaid === true;
    },
    { immediate: true },
  );
  const choose = (next: WhoseLoad) => {
    asUsual();
    whose.value = next;
  };
  return { whose, loadouts, family, trailerLoad, asked, inCar, inTrailer, choose };
}
export type FamilyAsked = ReturnType<typeof useFamily>;

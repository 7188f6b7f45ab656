<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import SaidForm from '../../fields/SaidForm.vue';
import { useRig } from '../../stores/rig.ts';

/** Bodies said as a whole instead of thing by thing: open where the plan does not know what a body weighs or rests on. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const rig = useRig();
/** A vehicle under a camper is weighed with it: what is said of it alone would be no figure that anybody has. */
const bodies = computed(() =>
  [props.view.trailer, props.view.camper ? undefined : props.view.vehicle].filter((one) => one !== undefined),
);
/** Decided when the page opens; then whoever folds it decides. */
const unknown = (): boolean => {
  const { trailerTotal, ballLoad, vehicleSolo } = rig.assessment?.loads.values ?? {};
  const said = (props.view.loadout.said ?? []).length > 0;
  return said || [trailerTotal, ballLoad, vehicleSolo].some((value) => value?.kind === 'unknown');
};
const open = ref(unknown());
</script>

<template>
  <details class="fold" :open="open" data-test="said" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>{{ t('app.said.title') }}</summary>
    <p class="soft hint">{{ t('app.said.hint') }}</p>
    <template v-for="body in bodies" :key="body.id">
      <h3>{{ body.name }}</h3>
      <SaidForm :view="view" :body="body" />
    </template>
  </details>
</template>

<style scoped>
.hint {
  margin: 4px 0;
  font-size: 13px;
}
h3 {
  margin: 8px 0 0;
}
</style>

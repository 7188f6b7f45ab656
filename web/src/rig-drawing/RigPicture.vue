<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { layoutRig } from '@wagonomos/papers/drawing';
import BodyShapes from './BodyShapes.vue';
import RigWheels from './RigWheels.vue';

/** A rig of the yard as it is drawn there. */
const props = defineProps<{ view: RigView }>();
const frame = ref<HTMLElement>();
const { width: measured } = useElementSize(frame, { width: 380, height: 0 });
const width = computed(() => Math.max(240, measured.value));
const layout = computed(() => layoutRig(props.view, width.value, 'card'));
</script>

<template>
  <div ref="frame">
    <svg :width="width" :height="layout.groundY + 8" aria-hidden="true">
      <BodyShapes :view="view" :layout="layout" />
      <RigWheels :layout="layout" />
      <rect x="0" :y="layout.groundY" :width="width" height="3" class="road" />
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.road {
  fill: var(--road);
}
</style>

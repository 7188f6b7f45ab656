<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { computed } from 'vue';
import BodyShapes from './BodyShapes.vue';
import { layoutRig } from '@wagonomos/papers/drawing';
import RigWheels from './RigWheels.vue';

/** The rig, small: what one is looking at, without its figures. */
const props = defineProps<{ view: RigView; width: number }>();
const layout = computed(() => layoutRig(props.view, props.width, 'mini'));
</script>

<template>
  <svg :width="width" :height="layout.height" :viewBox="`0 0 ${width} ${layout.height}`" aria-hidden="true">
    <BodyShapes :view="view" :layout="layout" />
    <RigWheels :layout="layout" />
    <rect x="0" :y="layout.groundY" :width="width" height="2" class="road" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  flex: none;
}
.road {
  fill: var(--road);
}
</style>

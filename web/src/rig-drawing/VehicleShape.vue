<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { vehicleShape, type DrawingLayout } from '@wagonomos/papers/drawing';
import { computed } from 'vue';

const props = defineProps<{ view: RigView; layout: DrawingLayout }>();
const shape = computed(() => vehicleShape(props.view, props.layout));
</script>

<template>
  <g v-if="shape">
    <path v-if="shape.bar" :d="shape.bar" class="bar" />
    <path :d="shape.hull" class="rig-hull" />
    <path v-for="(pane, index) in shape.panes" :key="index" :d="pane" class="rig-pane" />
  </g>
</template>

<style scoped>
.bar {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
</style>

<script setup lang="ts">
import type { DrawingLayout } from './layout.ts';

/** A wheel on the road. `radius` in m, `x` in px. */
defineProps<{ x: number; radius: number; layout: DrawingLayout }>();
</script>

<template>
  <g class="wheel">
    <circle :cx="x" :cy="layout.y(radius)" :r="(radius + 0.07) * layout.scale" class="arch" />
    <circle :cx="x" :cy="layout.y(radius)" :r="radius * layout.scale" class="tyre" />
    <circle :cx="x" :cy="layout.y(radius)" :r="radius * 0.55 * layout.scale" class="rim" />
    <circle :cx="x" :cy="layout.y(radius)" :r="radius * 0.14 * layout.scale" class="hub" />
  </g>
</template>

<style scoped>
.arch {
  fill: var(--paper);
}
.tyre {
  fill: var(--road);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.rim {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1;
}
.hub {
  fill: var(--ink);
}
</style>

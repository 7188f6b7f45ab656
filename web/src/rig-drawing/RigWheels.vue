<script setup lang="ts">
import { wheels, type DrawingLayout } from '@wagonomos/papers/drawing';
import { computed } from 'vue';

/** All wheels of the rig. Drawn last, since lockers and tanks sit behind them. */
const props = defineProps<{ layout: DrawingLayout }>();
const all = computed(() => wheels(props.layout));
</script>

<template>
  <g v-for="wheel in all" :key="wheel.x" class="wheel">
    <circle :cx="wheel.x" :cy="wheel.y" :r="wheel.arch" class="arch" />
    <circle :cx="wheel.x" :cy="wheel.y" :r="wheel.radius" class="tyre" />
    <circle :cx="wheel.x" :cy="wheel.y" :r="wheel.radius * 0.55" class="rim" />
    <circle :cx="wheel.x" :cy="wheel.y" :r="wheel.radius * 0.14" class="hub" />
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

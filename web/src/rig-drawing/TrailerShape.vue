<script setup lang="ts">
import { trailerShape, type DrawingLayout } from '@wagonomos/papers/drawing';
import { computed } from 'vue';

const props = defineProps<{ layout: DrawingLayout }>();
const shape = computed(() => trailerShape(props.layout));
</script>

<template>
  <g v-if="shape">
    <path :d="shape.frame" class="frame" />
    <template v-if="shape.jockey">
      <path :d="shape.jockey.leg" class="jockey" />
      <circle :cx="shape.jockey.wheel.x" :cy="shape.jockey.wheel.y" :r="shape.jockey.wheel.r" class="jockey-wheel" />
    </template>
    <path :d="shape.hull" class="rig-hull" />
    <path v-if="shape.rib" :d="shape.rib" class="rib" />
    <path :d="shape.door" class="door" />
    <path v-for="(pane, index) in shape.panes" :key="index" :d="pane" class="rig-pane" />
    <circle :cx="shape.coupling.x" :cy="shape.coupling.y" :r="shape.coupling.r" class="ball" />
  </g>
</template>

<style scoped>
.rib {
  fill: none;
  stroke: var(--line);
  stroke-width: 1;
}
.door {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.2;
}
.frame,
.jockey {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.jockey {
  stroke-width: 2;
}
.jockey-wheel,
.ball {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
</style>

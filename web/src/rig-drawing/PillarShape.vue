<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import { computed } from 'vue';

/** What a support carries against its limit: filled to the load, a thick bar at the limit, hatch for the ±. px. */
const props = defineProps<{ x: number; top: number; height: number; check: Check | null }>();

const width = 22;
const fill = computed(() => {
  const { check } = props;
  if (!check || check.demand === null || check.limit === null || check.limit <= 0) return null;
  const full = props.height;
  const level = Math.max(0, Math.min(check.demand / check.limit, 1.14)) * full;
  const doubt = Math.min((2 * (check.sigma ?? 0) * full) / check.limit, full / 3);
  return { level, from: Math.max(0, level - doubt), doubt: Math.max(3, 2 * doubt) };
});
</script>

<template>
  <g class="pillar" :class="check?.status ?? 'unknown'">
    <rect :x="x - width / 2" :y="top" :width="width" :height="height" class="shaft" />
    <template v-if="fill">
      <rect :x="x - width / 2" :y="top" :width="width" :height="fill.level" class="load" />
      <rect :x="x - width / 2" :y="top + fill.from" :width="width" :height="fill.doubt" class="doubt" />
    </template>
    <rect v-else :x="x - width / 2" :y="top" :width="width" :height="height" class="unknown-fill" />
    <rect v-if="fill" :x="x - width / 2 - 6" :y="top + height - 1.5" :width="width + 12" height="3" class="limit" />
  </g>
</template>

<style scoped>
.shaft {
  fill: var(--field);
  stroke: var(--slate);
}
.load {
  fill: var(--in);
}
.tight .load {
  fill: var(--tight);
}
.over .load {
  fill: var(--over);
}
.doubt,
.unknown-fill {
  fill: url('#hatch');
}
.limit {
  fill: var(--ink);
}
</style>

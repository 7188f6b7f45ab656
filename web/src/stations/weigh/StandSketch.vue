<script setup lang="ts">
import type { Stand } from '@wagonomos/core/weighing';
import { computed } from 'vue';

/** Which wheels stand on the plate: a small side view, the plate under what is weighed. */
const props = defineProps<{ stand: Stand; vehicle: boolean; tag: boolean; trailer: boolean; axles: number }>();

const gap = computed(() => (props.stand.state === 'coupled' ? 0 : 30));
/** px of each part on a strip 226 wide. */
const places = computed(() => {
  const at = props.vehicle ? 86 + gap.value : 8;
  const axles = Array.from({ length: props.axles }, (_, n) => at + 62 + n * 15);
  return {
    front: props.vehicle ? [20] : [],
    rear: props.vehicle ? (props.tag ? [64, 78] : [70]) : [],
    drive: props.vehicle ? [64] : [],
    tag: props.vehicle && props.tag ? [78] : [],
    trailer: props.trailer ? axles : [],
    axle1: props.trailer ? axles.slice(0, 1) : [],
    axle2: props.trailer ? axles.slice(1, 2) : [],
    axle3: props.trailer ? axles.slice(2, 3) : [],
    jockey: props.trailer && props.stand.state === 'uncoupled' ? [at + 10] : [],
    ball: props.trailer && (props.stand.state === 'uncoupled' || props.stand.on.includes('ball')) ? [at + 2] : [],
    hull: at,
  };
});
const weighed = computed(() => new Set(props.stand.on.flatMap((part) => places.value[part])));
const wheels = computed(() => [...places.value.front, ...places.value.rear, ...places.value.trailer]);
const nose = computed(() => {
  if (!props.trailer || props.stand.state !== 'uncoupled') return null;
  return props.stand.support === 'jockey' ? places.value.jockey[0] : places.value.ball[0];
});
</script>

<template>
  <svg width="226" height="62" viewBox="0 0 226 62" aria-hidden="true">
    <path v-if="vehicle" class="hull" d="M6 40V28q0-4 6-5l14-3 9-11q2-3 6-3h38q5 0 6 5l1 11v18z" />
    <template v-if="trailer">
      <path class="bar" :d="`M${places.hull} 38H${places.hull + 24}`" />
      <path class="hull" :d="`M${places.hull + 22} 40V12q0-6 8-6h66q8 0 8 8v26z`" />
      <path v-if="nose" class="bar" :d="`M${nose} 38V49`" />
    </template>
    <path class="road" d="M0 52H226" />
    <circle v-for="x in wheels" :key="x" :cx="x" cy="45" r="6.5" class="wheel" :class="{ on: weighed.has(x) }" />
    <rect v-for="x in weighed" :key="`plate ${x}`" :x="x - 10" y="52" width="20" height="6" class="plate" />
  </svg>
</template>

<style scoped>
.hull {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.bar {
  stroke: var(--ink);
  stroke-width: 2.5;
}
.road {
  stroke: var(--road);
  stroke-width: 2;
}
.wheel {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.wheel.on {
  fill: var(--ink);
}
.plate {
  fill: var(--pen);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { DrawingLayout } from './layout.ts';
import WheelShape from './WheelShape.vue';

/** All wheels of the rig. Drawn last, since lockers and tanks sit behind them. */
const props = defineProps<{ layout: DrawingLayout }>();

const wheels = computed(() => {
  const { vehicle, trailer, x } = props.layout;
  const driven = vehicle ? [0, vehicle.wheelbase, ...(vehicle.tag === undefined ? [] : [vehicle.tag])] : [];
  const size = Math.min(0.39, (vehicle?.height ?? 0) * 0.205);
  const towed = Math.min(0.36, (trailer?.height ?? 0) * 0.13);
  return [
    ...driven.map((at) => ({ x: x('vehicle', at), radius: size })),
    ...(trailer?.axles ?? []).map((at) => ({ x: x('trailer', at), radius: towed })),
  ];
});
</script>

<template>
  <WheelShape v-for="wheel in wheels" :key="wheel.x" :x="wheel.x" :radius="wheel.radius" :layout="layout" />
</template>

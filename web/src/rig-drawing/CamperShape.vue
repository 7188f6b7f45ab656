<script setup lang="ts">
import { computed } from 'vue';
import type { DrawingLayout } from './layout.ts';
import { roundedPath, type Point } from './outline.ts';
import type { CamperProfile } from './profiles.ts';

/** A slide-on camper: standing on the tray, its bed over the cab. */
const props = defineProps<{ layout: DrawingLayout; profile: CamperProfile }>();

const at = (x: number, z: number): Point => [props.layout.x('vehicle', x), props.layout.y(z)];
const body = computed(() => {
  const { from, length, overCab, floor, height } = props.profile;
  const top = floor + height;
  const cab = floor + height * 0.5;
  const corners: readonly [number, number, number][] = [
    [from, floor, 0.04],
    [from, cab, 0.06],
    [from - overCab, cab + 0.1, 0.12],
    [from - overCab + 0.04, top - 0.12, 0.3],
    [from - overCab * 0.4, top, 0.4],
    [from + length + 0.05, top, 0.16],
    [from + length + 0.05, floor + 0.25, 0.08],
    [from + length - 0.12, floor, 0.06],
  ];
  return roundedPath(
    corners.map(([x, z]) => at(x, z)),
    corners.map(([, , round]) => round * props.layout.scale),
  );
});
const panes = computed(() => {
  const { from, length, overCab, floor, height } = props.profile;
  const pane = (left: number, right: number, low: number, high: number) =>
    roundedPath([at(left, low), at(left, high), at(right, high), at(right, low)], [5, 5, 5, 5]);
  return [
    pane(from - overCab * 0.75, from - overCab * 0.3, floor + height * 0.64, floor + height * 0.84),
    pane(from + length * 0.2, from + length * 0.5, floor + height * 0.48, floor + height * 0.78),
  ];
});
</script>

<template>
  <g>
    <path :d="body" class="rig-hull" />
    <path v-for="(pane, index) in panes" :key="index" :d="pane" class="rig-pane" />
  </g>
</template>

<script setup lang="ts">
import { isFifthWheel, type RigView, type Vehicle } from '@wagonomos/core';
import { computed } from 'vue';
import type { DrawingLayout } from './layout.ts';
import { roundedPath, silhouettes } from './outline.ts';
import type { VehicleProfile } from './profiles.ts';

const props = defineProps<{ view: RigView; layout: DrawingLayout; profile: VehicleProfile; vehicle: Vehicle }>();

const paths = computed(() => {
  const { layout } = props;
  const { front, rear, wheelbase, tag, height } = props.profile;
  const length = front + (tag ?? wheelbase) + rear;
  const shape = silhouettes[props.vehicle.build];
  const path = (corners: (typeof shape)['body']) =>
    roundedPath(
      corners.map(([along, up]) => [layout.x('vehicle', along * length - front), layout.y(up * height)]),
      corners.map(([, , round]) => round * layout.scale),
    );
  return { body: path(shape.body), glass: shape.glass.map(path) };
});
const towBar = computed(() => {
  const { layout } = props;
  const { wheelbase, tag, rear, coupling } = props.profile;
  const from = layout.x('vehicle', (tag ?? wheelbase) + rear - 0.12);
  return `M${from} ${layout.y(0.4)}L${layout.x('vehicle', coupling)} ${layout.y(0.43)}`;
});
const onBall = computed(
  () =>
    !isFifthWheel(props.view.trailer) &&
    (props.view.trailer !== undefined || props.vehicle.geometry.couplingOverhang !== undefined),
);
</script>

<template>
  <g>
    <path v-if="onBall" :d="towBar" class="bar" />
    <path :d="paths.body" class="rig-hull" />
    <path v-for="(glass, index) in paths.glass" :key="index" :d="glass" class="rig-pane" />
  </g>
</template>

<style scoped>
.bar {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
</style>

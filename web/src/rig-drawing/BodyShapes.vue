<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import type { DrawingLayout } from '@wagonomos/papers/drawing';
import CamperShape from './CamperShape.vue';
import TrailerShape from './TrailerShape.vue';
import VehicleShape from './VehicleShape.vue';

/** The bodies of a rig from behind to before: what is towed, what drives, what it carries. */
defineProps<{ view: RigView; layout: DrawingLayout }>();
</script>

<template>
  <g>
    <TrailerShape :layout="layout" />
    <VehicleShape :view="view" :layout="layout" />
    <CamperShape :layout="layout" />
  </g>
</template>

<style>
/* What all bodies share; each shape says the rest itself. */
.rig-hull {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
.rig-pane {
  fill: color-mix(in srgb, var(--water) 22%, var(--sheet));
  stroke: var(--slate);
  stroke-width: 1;
}
</style>

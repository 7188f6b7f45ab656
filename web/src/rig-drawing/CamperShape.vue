<script setup lang="ts">
import { camperShape, type DrawingLayout } from '@wagonomos/papers/drawing';
import { computed } from 'vue';

/** A slide-on camper: standing on the tray, its bed over the cab. */
const props = defineProps<{ layout: DrawingLayout }>();
const shape = computed(() => camperShape(props.layout));
</script>

<template>
  <g v-if="shape">
    <path :d="shape.hull" class="rig-hull" />
    <path v-for="(pane, index) in shape.panes" :key="index" :d="pane" class="rig-pane" />
  </g>
</template>

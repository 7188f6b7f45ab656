<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BenchStrip from './BenchStrip.vue';
import { provideBench, type SheetName } from './useBench.ts';
import WaySheet from './WaySheet.vue';

/** From the limit in the way to the new plate: five sheets, one at a time. */
const rig = useRig();
const workspace = useWorkspace();
const parts: Readonly<Record<SheetName, Component>> = {
  way: WaySheet,
  packages: defineAsyncComponent(() => import('./PackagesSheet.vue')),
  changes: defineAsyncComponent(() => import('./ChangesSheet.vue')),
  others: defineAsyncComponent(() => import('./OthersSheet.vue')),
  case: defineAsyncComponent(() => import('./CaseSheet.vue')),
};
const { sheet } = provideBench();
const shown = computed(() => parts[sheet.value]);
</script>

<template>
  <div v-if="rig.view && rig.assessment" class="uprate" :inert="workspace.follows">
    <BenchStrip :view="rig.view" />
    <component :is="shown" :view="rig.view" :assessment="rig.assessment" />
  </div>
</template>

<style scoped>
/* A sheet comes a moment after its strip: what stands below does not move. */
.uprate {
  min-height: 100dvh;
}
</style>

<script setup lang="ts">
import { placedBodies } from '@wagonomos/core';
import { computed } from 'vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BodyPlates from './BodyPlates.vue';
import ChainStrips from './ChainStrips.vue';
import FindingsList from './FindingsList.vue';
import HitchForm from './HitchForm.vue';

const rig = useRig();
const workspace = useWorkspace();
const bodies = computed(() => (rig.view ? placedBodies(rig.view).map(({ body }) => body) : []));
const onBall = computed(() => rig.view?.vehicle && rig.view.trailer && rig.view.trailer.coupling !== 'fifthWheel');
</script>

<template>
  <div v-if="rig.view" :inert="workspace.follows">
    <FindingsList />
    <div class="bench" :class="`bodies-${bodies.length}`">
      <BodyPlates v-for="body in bodies" :key="body.id" :body="body" />
    </div>
    <HitchForm v-if="onBall" :view="rig.view" />
    <ChainStrips />
  </div>
</template>

<style scoped>
.bodies-2 {
  grid-template-columns: 1fr 1fr;
}
.bodies-3 {
  grid-template-columns: 1fr 1fr 1fr;
}
@media (width <= 900px) {
  .bodies-2,
  .bodies-3 {
    grid-template-columns: 1fr;
  }
}
</style>

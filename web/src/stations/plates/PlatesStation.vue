<script setup lang="ts">
import { computed } from 'vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BodyPlates from './BodyPlates.vue';

const rig = useRig();
const workspace = useWorkspace();
const bodies = computed(() => [rig.view?.vehicle, rig.view?.trailer].filter((body) => body !== undefined));
</script>

<template>
  <div class="bench" :inert="workspace.follows" :class="{ two: bodies.length === 2 }">
    <BodyPlates v-for="body in bodies" :key="body.id" :body="body" />
  </div>
</template>

<style scoped>
.two {
  grid-template-columns: 1fr 1fr;
}
@media (width <= 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>

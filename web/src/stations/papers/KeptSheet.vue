<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import FilesOut from './FilesOut.vue';
import KeptCopies from './KeptCopies.vue';
import KeptSafe from './KeptSafe.vue';
import OwnFolder from './OwnFolder.vue';

/** How safe the work is: the file, a folder of one's own, what the browser promises, and the copies it keeps. */
defineProps<{ view: RigView }>();
</script>

<template>
  <div class="kept">
    <section>
      <FilesOut :view="view" />
      <OwnFolder />
      <KeptSafe />
    </section>
    <KeptCopies />
  </div>
</template>

<style scoped>
.kept {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px 36px;
  padding: 14px 18px 20px;
  border: 1px solid var(--line);
  background: var(--sheet);
}
@media (width <= 900px) {
  .kept {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
}
</style>

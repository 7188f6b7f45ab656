<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import FilesOut from './FilesOut.vue';
import KeptCopies from './KeptCopies.vue';
import KeptSafe from './KeptSafe.vue';
import './desk.css';
import OwnFolder from './OwnFolder.vue';

/** How safe the work is: the file, a folder of one's own, what the browser promises, and the copies it keeps. */
defineProps<{ view: RigView }>();
</script>

<template>
  <div class="desk-sheet">
    <section>
      <FilesOut :view="view" />
      <OwnFolder />
      <KeptSafe />
    </section>
    <KeptCopies />
  </div>
</template>

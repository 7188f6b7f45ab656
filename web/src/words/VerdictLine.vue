<script setup lang="ts">
import type { Assessment } from '@wagonomos/core';
import MarkStamp from './MarkStamp.vue';
import MessageText from './MessageText.vue';

/** The verdict as a stamp and a sentence. */
defineProps<{
  assessment: Assessment;
  /** What it was drawn from. */
  from?: string;
  /** The sentence in other words than those of the rig in hand, its numbers without arithmetic. */
  text?: string;
}>();
</script>

<template>
  <p class="sentence" aria-live="polite" data-test="sentence">
    <MarkStamp :mark="assessment.mark" />
    <template v-if="text">{{ text }}</template>
    <MessageText v-else :message="assessment.sentence" />
    <small v-if="from" data-test="drawn-from">{{ from }}</small>
  </p>
</template>

<style scoped>
.sentence {
  max-width: 800px;
  min-height: 52px;
  font-size: 18px;
  line-height: 26px;
}
small {
  display: block;
  color: var(--soft);
  font: 400 14px/18px var(--figures);
}
@media (width <= 720px) {
  .sentence {
    font-size: 17px;
    line-height: 24px;
  }
}
</style>

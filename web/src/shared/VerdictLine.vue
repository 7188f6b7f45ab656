<script setup lang="ts">
import type { Assessment } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import MessageText from './MessageText.vue';

/** The verdict as a stamp and a sentence. */
defineProps<{
  assessment: Assessment;
  /** What it was drawn from. */
  from?: string;
  /** The sentence in other words than those of the rig in hand, its numbers without arithmetic. */
  text?: string;
}>();
const { t } = useI18n();
const stamp = {
  legal: 'within',
  tight: 'tight',
  maker: 'over',
  over: 'over',
  open: 'open',
  undecided: 'unknown',
} as const;
</script>

<template>
  <p class="sentence" aria-live="polite" data-test="sentence">
    <span class="stamp" :class="stamp[assessment.mark]">{{ t(`app.mark.${assessment.mark}`) }}</span>
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
.stamp {
  display: inline-block;
  margin-right: 8px;
  padding: 0 9px;
  border-radius: 2px;
  background: var(--in);
  color: var(--on-ink);
  font: 600 15px/22px var(--figures);
  letter-spacing: 0.06em;
  text-transform: uppercase;
}
.stamp.tight {
  background: var(--tight);
}
.stamp.over {
  background: var(--over);
}
.stamp.open {
  background: linear-gradient(90deg, var(--in) 0 50%, var(--slate) 50%);
}
.stamp.unknown {
  background: repeating-linear-gradient(135deg, var(--slate) 0 5px, var(--soft) 5px 10px);
}
@media (width <= 720px) {
  .sentence {
    font-size: 17px;
    line-height: 24px;
  }
}
</style>

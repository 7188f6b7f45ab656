<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import type { Ticket } from '@wagonomos/core/weighing';
import { useI18n } from 'vue-i18n';
import SlipBeforeAfter from './SlipBeforeAfter.vue';
import SlipGuesses from './SlipGuesses.vue';
import SlipScales from './SlipScales.vue';
import SlipTrend from './SlipTrend.vue';

/** All slips of a rig together: the plan, the scales, the modifications, the years. */
defineProps<{ view: RigView; slips: readonly Ticket[] }>();
const { t } = useI18n();
</script>

<template>
  <div v-if="slips.length > 0" class="history" :aria-label="t('app.history.title')" role="region" data-test="history">
    <SlipTrend :view="view" :slips="slips" />
    <SlipGuesses :view="view" :slips="slips" />
    <div class="stack">
      <SlipBeforeAfter :view="view" :slips="slips" />
      <SlipScales :view="view" :slips="slips" />
    </div>
  </div>
</template>

<style scoped>
.history {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: 20px 34px;
  padding: 6px 18px 30px;
}
.stack {
  display: grid;
  gap: 18px;
  align-content: start;
}
@media (width <= 720px) {
  .history {
    padding: 6px 14px 26px;
  }
}
</style>

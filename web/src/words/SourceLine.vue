<script setup lang="ts">
import type { Confidence, Country } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** Where something is from and how sure we are of it; where we are not, who knows; and what of it has aged. */
defineProps<{
  facts: {
    readonly source: string;
    readonly confidence: Confidence;
    readonly overdueSince?: string;
    readonly notKnownBefore?: string;
  };
  country?: Country;
  more?: string;
}>();
const { t } = useI18n();
</script>

<template>
  <small :class="facts.confidence">
    {{
      t('app.source.line', {
        source: t(`source.${facts.source}`),
        sure:
          facts.confidence === 'low' && country
            ? t('app.verdict.low', { whom: t(`ask.${country}`) })
            : t(`app.confidence.${facts.confidence}`),
      })
    }}
    <template v-if="more">{{ more }}</template>
    <template v-if="facts.overdueSince">{{ t('app.source.overdue', { by: facts.overdueSince }) }}</template>
    <template v-if="facts.notKnownBefore">{{ t('app.rules.notKnown', { day: facts.notKnownBefore }) }}</template>
  </small>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
}
.low {
  color: var(--tight);
}
</style>

<script setup lang="ts">
import type { Country } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** Where something is from and how sure we are of it; where we are not, who knows. */
defineProps<{ source: string; confidence: 'high' | 'medium' | 'low'; country?: Country; more?: string }>();
const { t } = useI18n();
</script>

<template>
  <small :class="confidence">
    {{
      t('app.source.line', {
        source: t(`source.${source}`),
        sure:
          confidence === 'low' && country
            ? t('app.verdict.low', { whom: t(`ask.${country}`) })
            : t(`app.confidence.${confidence}`),
      })
    }}
    <template v-if="more">{{ more }}</template>
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

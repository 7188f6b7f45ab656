<script setup lang="ts">
import type { LawEntry } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';

/** What one thing says in one place on one day, how sure that is, and where it is from; or that it is no subject there. */
defineProps<{ entry: LawEntry | null }>();
const { t } = useI18n();
const { say } = useSpeech();
</script>

<template>
  <p v-if="!entry" class="none">{{ t('app.rules.nothing') }}</p>
  <div v-else :class="entry.confidence">
    <p v-if="entry.comingFrom" class="coming">{{ t('app.rules.comingFrom', { day: entry.comingFrom }) }}</p>
    <p class="says">
      <span v-if="entry.kind" class="kind">{{ t(`app.kind.${entry.kind}`) }}</span>
      {{ entry.says.map(say).join(', ') }}
    </p>
    <p class="source">
      {{ t(`source.${entry.source}`) }}<template v-if="entry.edition"> · {{ entry.edition }}</template>
      <span class="sure">{{ t('app.rules.sure', { confidence: t(`app.confidence.${entry.confidence}`) }) }}</span>
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
.none {
  color: var(--soft);
}
.kind {
  margin-right: 4px;
  font-weight: 600;
}
.coming {
  color: var(--pen);
  font-weight: 600;
}
.source {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  color: var(--soft);
  font-size: 13px;
}
.low .sure {
  color: var(--tight);
  font-weight: 600;
}
</style>

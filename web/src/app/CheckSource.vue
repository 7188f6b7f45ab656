<script setup lang="ts">
import { missingMessage, whereToFind, type Check } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import MessageText from '../words/MessageText.vue';

/** Where a rule comes from, how sure we are of it, and what is still missing. */
defineProps<{ check: Check }>();
const { t } = useI18n();
</script>

<template>
  <section class="source">
    <div v-if="check.missing.length > 0" class="missing">
      <h3>{{ t('app.source.missing') }}</h3>
      <p v-for="(one, index) in check.missing" :key="index">
        <MessageText :message="missingMessage(one)" /><br />
        <small><MessageText :message="whereToFind(one)" /></small>
      </p>
    </div>
    <p v-for="(note, index) in check.notes" :key="index"><MessageText :message="note" /></p>
    <p v-if="check.source.confidence === 'low'" class="doubtful">
      {{ t('app.verdict.low', { whom: t(`ask.${check.source.ask}`) }) }}
    </p>
    <dl>
      <dt>{{ t('app.source.kind') }}</dt>
      <dd>{{ t(`app.kind.${check.kind}`) }}</dd>
      <dt>{{ t('app.source.from') }}</dt>
      <dd>
        {{ t(`source.${check.source.source}`)
        }}<template v-if="check.source.edition"> · {{ check.source.edition }}</template>
      </dd>
      <dt>{{ t('app.source.compiled') }}</dt>
      <dd>{{ check.source.compiled }}</dd>
      <dt>{{ t('app.source.confidence') }}</dt>
      <dd>{{ t(`app.confidence.${check.source.confidence}`) }}</dd>
      <template v-if="check.source.variesBy">
        <dt>{{ t('app.source.varies') }}</dt>
        <dd>{{ t(`app.variesBy.${check.source.variesBy}`) }}</dd>
      </template>
    </dl>
    <p class="soft">
      {{ t('app.source.unchecked') }} {{ t('app.source.ask', { whom: t(`ask.${check.source.ask}`) }) }}
    </p>
  </section>
</template>

<style scoped>
.source {
  padding-top: 10px;
  border-top: 2px solid var(--ink);
}
.missing {
  margin-bottom: 10px;
  padding: 8px 10px;
  border-left: 4px solid var(--slate);
  background: var(--paper);
}
.doubtful {
  color: var(--tight);
}
small,
.soft {
  color: var(--soft);
  font-size: 13px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  margin: 8px 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
</style>

<script setup lang="ts">
import { missingMessage, remedies, whereToFind, type Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../shared/useBasis.ts';
import MessageText from '../shared/MessageText.vue';

/** What to do about it, where a rule comes from, how sure we are of it, and what is still missing. */
const props = defineProps<{ check: Check }>();
const { t } = useI18n();
const { based } = useBasis();
const remedy = computed(() => (based.value ? remedies(based.value.assessment, props.check) : []));
const canBeEmptied = computed(() => props.check.status === 'over' && props.check.use !== null);
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
    <div v-if="check.status === 'over' || check.status === 'tight'" class="todo" data-test="todo">
      <h3>{{ t('app.source.todo') }}</h3>
      <p>{{ t(`todo.${check.rule}`) }}</p>
      <ul v-if="remedy.length > 0">
        <li v-for="(one, index) in remedy" :key="index"><MessageText :message="one.says" /></li>
      </ul>
      <p v-else-if="canBeEmptied" class="soft">{{ t('remedy.none') }}</p>
    </div>
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
      <dt>{{ t('app.source.reviewed') }}</dt>
      <dd>{{ check.source.reviewed }}</dd>
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
.todo {
  margin-bottom: 10px;
  padding: 8px 10px;
  border-left: 4px solid var(--over);
  background: var(--paper);
}
.todo ul {
  margin: 4px 0 0;
  padding-left: 18px;
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

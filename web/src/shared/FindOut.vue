<script setup lang="ts">
import type { Message, ToFindOut } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';
import { useI18n } from 'vue-i18n';
import AnswerButtons from './AnswerButtons.vue';

/** What to find out next, the most for its minutes first: how, how long, and what it would settle. */
const props = defineProps<{ facts: readonly ToFindOut[]; say: (message: Message) => string; answerable?: boolean }>();
const emit = defineEmits<{ answer: [body: string, facts: BodyFacts] }>();
const { t } = useI18n();
const named = 3;
const list = (checks: ToFindOut['settles']) => {
  const names = [...new Set(checks.map(({ name }) => props.say(name)))];
  const more = names.length - named;
  return more > 0
    ? t('app.findOut.andMore', { names: names.slice(0, named).join(', '), count: more })
    : names.join(', ');
};
</script>

<template>
  <ol v-if="facts.length > 0" class="find" data-test="find-out">
    <li v-for="one in facts" :key="one.key">
      <b>{{ say(one.what) }}</b>
      <small class="num">{{ t('app.findOut.minutes', { count: one.minutes }) }}</small>
      <small>{{ one.where ? say(one.where) : t(`app.findOut.by.${one.by}`) }}</small>
      <small v-if="one.settles.length > 0" class="settles">{{
        t('app.findOut.settles', { what: list(one.settles) })
      }}</small>
      <small v-else-if="one.helps.length > 0">{{ t('app.findOut.helps', { what: list(one.helps) }) }}</small>
      <AnswerButtons
        v-if="answerable && one.missing"
        :code="one.missing.code"
        :what="say(one.what)"
        @answer="(said) => one.missing && emit('answer', one.missing.body, said)"
      />
    </li>
  </ol>
</template>

<style scoped>
.find {
  margin: 6px 0;
  padding-left: 22px;
}
li {
  margin-bottom: 5px;
  break-inside: avoid;
}
b {
  font-weight: 600;
}
small {
  display: block;
  color: var(--soft);
  line-height: 1.3;
}
small.num {
  display: inline;
  margin-left: 8px;
}
.settles {
  color: var(--in);
}
</style>

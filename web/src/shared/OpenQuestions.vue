<script setup lang="ts">
import { missingMessage, openQuestions, whereToFind, type Check, type Message } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import AnswerButtons from './AnswerButtons.vue';

/**
 * What law asks besides the masses and nobody has answered: each with its answers to press, where it is a thing to look at; where it is
 * a figure, with where it stands.
 */
const props = defineProps<{ checks: readonly Check[]; say: (message: Message) => string; inert?: boolean }>();
const emit = defineEmits<{ answer: [body: string, facts: BodyFacts] }>();
const { t } = useI18n();

/** One row a thing that is asked, though several checks may hang on it. */
const rows = computed(() => {
  const asked = openQuestions(props.checks).flatMap(({ missing, name }) => {
    const [first] = missing;
    return first ? [{ key: `${first.code} ${first.body}`, first, name }] : [];
  });
  return [...new Map(asked.map((one) => [one.key, one])).values()].map(({ key, first, name }) => ({
    key,
    body: first.body,
    name: props.say(name),
    what: props.say(missingMessage(first)),
    where: props.say(whereToFind(first)),
    code: first.code,
  }));
});
</script>

<template>
  <section v-if="rows.length > 0" class="asked" :inert="inert" data-test="open-questions">
    <h2>{{ t('app.questions.title') }}</h2>
    <div v-for="row in rows" :key="row.key" class="row">
      <span>
        <b>{{ row.name }}</b>
        <small>{{ row.what }}</small>
        <small>{{ row.where }}</small>
      </span>
      <AnswerButtons :code="row.code" :what="row.what" @answer="(facts) => emit('answer', row.body, facts)" />
    </div>
  </section>
</template>

<style scoped>
.asked {
  margin: 8px 0 14px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--slate);
  background: var(--sheet);
}
h2 {
  margin: 0 0 2px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
}
.row > span:first-child {
  flex: 1 1 240px;
  min-width: 0;
}
small {
  display: block;
  color: var(--soft);
  line-height: 1.3;
}
</style>

<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { answersTo } from './questionAnswers.ts';

/** What can be said to a question with one press. */
const props = defineProps<{ code: Check['missing'][number]['code']; what: string }>();
const emit = defineEmits<{ answer: [facts: BodyFacts] }>();
const { t } = useI18n();
const answers = computed(() => answersTo(props.code));
</script>

<template>
  <span v-if="answers.length > 0" class="answers" role="group" :aria-label="what" :data-answers="code">
    <button
      v-for="one in answers"
      :key="one.word"
      type="button"
      class="quiet-button"
      @click="emit('answer', one.facts)"
    >
      {{ t(one.word) }}
    </button>
  </span>
</template>

<style scoped>
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>

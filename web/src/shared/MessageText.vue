<script setup lang="ts">
import { segments, type Message } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useArithmetic } from '../stores/arithmetic.ts';
import { useSpeech } from './useSpeech.ts';

/** A message from core, each number in it a button that opens its arithmetic. */
const props = defineProps<{ message: Message }>();
const { speech } = useSpeech();
const i18n = useI18n();
const arithmetic = useArithmetic();
const parts = computed(() => segments(props.message, speech.value));
const meaning = (term: string) => (i18n.te(`meaning.${term}`) ? i18n.t(`meaning.${term}`) : undefined);
</script>

<template>
  <span class="message">
    <template v-for="(part, index) in parts" :key="index">
      <button
        v-if="part.kind === 'amount' && part.amount.opens"
        type="button"
        class="number"
        @click="arithmetic.open(part.amount.opens)"
      >
        {{ part.text }}
      </button>
      <b v-else-if="part.kind === 'amount'" class="figure">{{ part.text }}</b>
      <span v-else-if="part.kind === 'term'" class="term" :title="meaning(part.term)">{{ part.text }}</span>
      <template v-else>{{ part.text }}</template>
    </template>
  </span>
</template>

<style scoped>
.number {
  display: inline;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-weight: 600;
  text-decoration: underline;
  text-decoration-color: var(--pen);
  text-decoration-thickness: 2px;
  text-underline-offset: 4px;
  cursor: pointer;
  white-space: nowrap;
}
.figure {
  font-weight: 600;
  white-space: nowrap;
}
</style>

<script setup lang="ts">
import { segments, type Message } from '@wagonomos/core';
import { computed } from 'vue';
import { useArithmetic } from '../stores/arithmetic.ts';
import TermWord from './TermWord.vue';
import { useSpeech } from './useSpeech.ts';

/** A message from core, each number in it a button that opens its arithmetic. */
const props = defineProps<{ message: Message }>();
const { speech } = useSpeech();
const arithmetic = useArithmetic();
const parts = computed(() => segments(props.message, speech.value));
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
      <TermWord v-else-if="part.kind === 'term'" :term="part.term" :text="part.text" />
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

<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { useTerms } from './useTerms.ts';

/**
 * A word of the trade: its plain meaning and its names elsewhere are a hover or a tap away. There are many of them on a
 * screen, so what opens is fetched and made only once somebody asks.
 */
defineProps<{ term: string; text: string }>();
const TermMeaning = defineAsyncComponent(() => import('./TermMeaning.vue'));
const { meaningOf, namesOf } = useTerms();
const open = ref(false);
const asked = ref(false);
const word = ref<HTMLElement>();
const patience = 250;
let waiting: ReturnType<typeof setTimeout> | undefined;

const show = () => {
  asked.value = true;
  open.value = true;
};
const enter = () => {
  waiting = setTimeout(show, patience);
};
const leave = () => {
  clearTimeout(waiting);
  open.value = false;
};
const toggle = () => (open.value ? leave() : show());
</script>

<template>
  <span v-if="meaningOf(term)" class="term" @pointerenter="enter" @pointerleave="leave" @click.stop.prevent="toggle">
    <span ref="word">{{ text }}</span>
    <TermMeaning v-if="asked && word" :word="word" :open="open" :meaning="meaningOf(term)" :names="namesOf(term)" />
  </span>
  <span v-else class="plain">{{ text }}</span>
</template>

<style scoped>
.term {
  text-decoration: underline dotted var(--slate) 1px;
  text-underline-offset: 3px;
  cursor: help;
}
</style>

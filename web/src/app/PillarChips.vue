<script setup lang="ts">
import type { Check, Pillar } from '@wagonomos/core';
import MarginText from '../words/MarginText.vue';
import { useSpeech } from '../words/useSpeech.ts';

/** What every axle, the coupling and every total has left, in one row; each opens its arithmetic. */
defineProps<{ supports: readonly Pillar[]; totals?: readonly Check[]; name: 'pillar' | 'strip' }>();
const emit = defineEmits<{ open: [id: string] }>();
const { say } = useSpeech();
</script>

<template>
  <ul class="chips">
    <li v-for="one in supports" :key="one.quantity" :data-test="`${name}-${one.quantity}`">
      <button type="button" @click="emit('open', one.check?.id ?? one.quantity)">
        <small>{{ say(one.name) }}</small>
        <MarginText :check="one.check" />
      </button>
    </li>
    <li v-for="check in totals ?? []" :key="check.id" class="total">
      <button type="button" @click="emit('open', check.id)">
        <small>{{ say(check.name) }}</small>
        <MarginText :check="check" />
      </button>
    </li>
  </ul>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  margin: 0;
  padding: 0;
  list-style: none;
}
button {
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: 600 18px/20px var(--figures);
  text-align: left;
  white-space: nowrap;
  cursor: pointer;
}
button:hover {
  background: var(--hair);
}
small {
  display: block;
  color: var(--soft);
  font: 400 13px/15px var(--figures);
}
@media (width <= 720px) {
  .chips {
    gap: 0 12px;
  }
  button {
    min-height: 44px;
    font-size: 16px;
  }
}
</style>

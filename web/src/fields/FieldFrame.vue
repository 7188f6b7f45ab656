<script setup lang="ts">
import { useId } from 'vue';

/** A control with its name: over it, beside it in a row of a form, or, quiet, said only to whoever cannot see it. */
defineProps<{ label: string; shape: 'over' | 'beside' | 'quiet' }>();
const id = useId();
</script>

<template>
  <div class="frame" :class="shape">
    <label v-if="shape !== 'quiet'" :for="id">{{ label }}</label>
    <slot :id="id"></slot>
  </div>
</template>

<style scoped>
.frame {
  min-width: 0;
}
label {
  color: var(--soft);
  font-size: 13px;
}
.over label {
  display: block;
}
.beside {
  display: grid;
  grid-template-columns: 180px 1fr;
  gap: 10px;
  align-items: center;
}
.beside label {
  color: inherit;
  font-size: inherit;
}
@media (width <= 720px) {
  .beside {
    grid-template-columns: 1fr;
    gap: 4px;
  }
}
</style>

<script setup lang="ts" generic="Name extends string">
/** The sheets of a station, one of them open. */
defineProps<{ label: string; sheets: readonly { readonly name: Name; readonly label: string }[]; open: Name }>();
const emit = defineEmits<{ open: [name: Name] }>();
</script>

<template>
  <nav class="sheets no-print" :aria-label="label">
    <button
      v-for="one in sheets"
      :key="one.name"
      type="button"
      :aria-current="one.name === open ? 'page' : undefined"
      @click="emit('open', one.name)"
    >
      {{ one.label }}
    </button>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
}
button {
  padding: 5px 14px 6px;
  border: 1px solid var(--line);
  border-bottom: 0;
  background: var(--hair);
  color: var(--ink);
  font: 600 16px/1.3 var(--figures);
  letter-spacing: 0.02em;
  cursor: pointer;
}
button[aria-current] {
  border-top: 3px solid var(--ink);
  background: var(--sheet);
}
@media (width <= 720px) {
  button {
    flex: 1 1 auto;
    min-height: 44px;
    padding: 8px;
  }
}
</style>

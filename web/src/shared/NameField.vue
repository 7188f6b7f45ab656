<script setup lang="ts">
import { ref, watch } from 'vue';

/** A heading that can be written in. An emptied name goes back to what it was. */
const props = defineProps<{ name: string; label: string }>();
const emit = defineEmits<{ change: [name: string] }>();
const text = ref(props.name);
watch(
  () => props.name,
  (next) => {
    text.value = next;
  },
);
const finish = () => {
  const next = text.value.trim();
  if (next === '' || next === props.name) text.value = props.name;
  else emit('change', next);
};
</script>

<template>
  <input
    v-model="text"
    class="name"
    type="text"
    maxlength="80"
    :aria-label="label"
    @blur="finish"
    @keydown.enter="finish"
  />
</template>

<style scoped>
.name {
  flex: 1;
  min-width: 0;
  padding: 2px 4px;
  border: 1px solid transparent;
  border-radius: 2px;
  background: none;
  color: var(--ink);
  font: 600 20px/1.3 var(--figures);
  letter-spacing: 0.02em;
}
.name:hover {
  border-color: var(--line);
}
.name:focus {
  border-color: var(--pen);
  outline: 0;
  background: var(--field);
}
</style>

<script setup lang="ts">
import { isVisible } from '@wagonomos/core';
import { ref, useId, watch } from 'vue';
import { useWorkspace } from '../stores/workspace.ts';
import { useRefusalWords } from '../words/useRefusalWords.ts';

/** A heading that can be written in: taken as it is typed. An emptied name goes back to what it was. */
const props = defineProps<{ name: string; label: string }>();
const emit = defineEmits<{ change: [name: string] }>();
const workspace = useWorkspace();
const { reasonHere } = useRefusalWords();
const id = useId();
const text = ref(props.name);
/** The name before typing began. */
const before = ref(props.name);
const editing = ref(false);
const problem = ref<string | null>(null);
watch(
  () => props.name,
  (next) => {
    if (editing.value) return;
    text.value = next;
    // A reason told of what was typed here before says nothing of a name that came from elsewhere.
    problem.value = null;
  },
);
const begin = () => {
  editing.value = true;
  before.value = props.name;
};
const say = (name: string) => {
  problem.value = reasonHere(workspace.typing(id, () => emit('change', name)));
};
const read = () => {
  const next = text.value.trim();
  if (!isVisible(next)) problem.value = null;
  else if (next !== props.name) say(next);
  else problem.value = null;
};
const finish = () => {
  editing.value = false;
  if (!isVisible(text.value) && before.value !== props.name) say(before.value);
  workspace.settle();
  // What was not taken stays to be mended; another name may be in force meanwhile.
  if (problem.value !== null) return;
  text.value = props.name;
};
</script>

<template>
  <span class="name-field">
    <input
      v-model="text"
      class="name"
      :class="{ bad: problem }"
      type="text"
      :aria-label="label"
      :aria-invalid="problem !== null"
      :aria-describedby="problem === null ? undefined : `${id}-problem`"
      @focus="begin"
      @input="read"
      @blur="finish"
      @keydown.enter="finish"
    />
    <span v-if="problem !== null" :id="`${id}-problem`" class="problem" role="alert">{{ problem }}</span>
  </span>
</template>

<style scoped>
.name-field {
  display: block;
  flex: 1;
  min-width: 0;
}
.name {
  box-sizing: border-box;
  width: 100%;
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
@media (width <= 720px) {
  .name {
    min-height: 44px;
  }
}
.problem {
  display: block;
  color: var(--over);
  font-size: 13px;
}
.name.bad {
  border-color: var(--over);
}
</style>

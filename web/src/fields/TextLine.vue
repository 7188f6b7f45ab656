<script setup lang="ts">
import { ref, useId, watch } from 'vue';
import { useWorkspace } from '../stores/workspace.ts';
import { useRefusalWords } from '../words/useRefusalWords.ts';

/** A text somebody may leave empty: taken as it is typed, one step of the history until it is left. */
const props = defineProps<{ value: string | undefined; label: string; rows?: number; most: number; bare?: boolean }>();
const emit = defineEmits<{ change: [value: string | undefined] }>();
const workspace = useWorkspace();
const { reasonHere } = useRefusalWords();
const id = useId();
const draft = ref(props.value ?? '');
const editing = ref(false);
const problem = ref<string | null>(null);
watch(
  () => props.value,
  (value) => {
    if (!editing.value) draft.value = value ?? '';
  },
);
const read = () => {
  editing.value = true;
  const text = draft.value.trim() || undefined;
  if (text !== props.value) problem.value = reasonHere(workspace.typing(id, () => emit('change', text)));
};
const finish = () => {
  read();
  editing.value = false;
  problem.value = null;
  draft.value = props.value ?? '';
  workspace.settle();
};
</script>

<template>
  <label class="line">
    <span :class="{ 'sr-only': bare }">{{ label }}</span>
    <el-input
      v-model="draft"
      :type="rows ? 'textarea' : 'text'"
      :rows="rows ?? 1"
      :size="bare ? 'small' : 'default'"
      :maxlength="most"
      :placeholder="bare ? label : ''"
      :aria-invalid="problem !== null"
      @input="read"
      @blur="finish"
    />
    <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
  </label>
</template>

<style scoped>
.line {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
.problem {
  color: var(--over);
}
</style>

<script setup lang="ts">
import { ref, useId, watch } from 'vue';
import { useDrafts } from '../stores/drafts.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { useFieldKey } from './useFieldKey.ts';

/** A short mark off a wall or a plate: kept as written once it can be one, questioned where it was typed otherwise. */
const props = defineProps<{ label: string; value: string | undefined; pattern: RegExp; problem: string }>();
const emit = defineEmits<{ change: [value: string | undefined] }>();
const id = useId();
const workspace = useWorkspace();
const drafts = useDrafts();
const key = useFieldKey(props.label);
const kept = drafts.read(key);
const text = ref(kept ?? props.value ?? '');
/** What was typed and cannot be such a mark stands there again after a reload, questioned as before. */
const bad = ref(kept !== undefined);

watch(
  () => props.value,
  (next) => {
    if (!bad.value && document.activeElement?.id !== id) text.value = next ?? '';
  },
);
/** Taken as soon as it can be one; kept as typed meanwhile. @returns whether it can be one */
const read = (): boolean => {
  const next = text.value.trim().toUpperCase();
  if (next !== '' && !props.pattern.test(next)) {
    drafts.keep(key, text.value);
    return false;
  }
  drafts.drop(key);
  bad.value = false;
  if (next !== (props.value ?? '')) workspace.typing(key, () => emit('change', next === '' ? undefined : next));
  return true;
};
const finish = () => {
  bad.value = !read();
  if (!bad.value) text.value = text.value.trim().toUpperCase();
  workspace.settle();
};
</script>

<template>
  <div class="code">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      class="box"
      :class="{ bad }"
      maxlength="80"
      autocomplete="off"
      :aria-invalid="bad"
      :aria-describedby="bad ? `${id}-problem` : undefined"
      @input="read"
      @blur="finish"
      @keydown.enter="finish"
    />
    <p v-if="bad" :id="`${id}-problem`" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
label {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
.box :deep(input) {
  font: 600 17px var(--figures);
}
.bad {
  --el-input-border-color: var(--over);
  --el-input-hover-border-color: var(--over);
  --el-input-focus-border-color: var(--over);
}
.problem {
  margin: 2px 0 0;
  color: var(--over);
  font-size: 12.5px;
  line-height: 1.25;
}
</style>

<script setup lang="ts">
import { ref, useId, watch } from 'vue';

/** A short mark off a wall or a plate: kept as written once it can be one, questioned where it was typed otherwise. */
const props = defineProps<{ label: string; value: string | undefined; pattern: RegExp; problem: string }>();
const emit = defineEmits<{ change: [value: string | undefined] }>();
const id = useId();
const text = ref(props.value ?? '');
const bad = ref(false);

watch(
  () => props.value,
  (next) => {
    if (!bad.value) text.value = next ?? '';
  },
);
const finish = () => {
  const next = text.value.trim().toUpperCase();
  bad.value = next !== '' && !props.pattern.test(next);
  if (bad.value || next === (props.value ?? '')) return;
  text.value = next;
  emit('change', next === '' ? undefined : next);
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

<script setup lang="ts">
import { ref, watch } from 'vue';

/** A text somebody may leave empty; taken when the field is left, so that each is one step of the history. */
const props = defineProps<{ value: string | undefined; label: string; rows?: number; most: number; bare?: boolean }>();
const emit = defineEmits<{ change: [value: string | undefined] }>();
const draft = ref(props.value ?? '');
watch(
  () => props.value,
  (value) => (draft.value = value ?? ''),
);
const take = () => {
  const text = draft.value.trim() || undefined;
  if (text !== props.value) emit('change', text);
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
      @change="take"
    />
  </label>
</template>

<style scoped>
.line {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
</style>

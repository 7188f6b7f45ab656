<script setup lang="ts" generic="Value extends string | number">
import FieldFrame from './FieldFrame.vue';

/** One of several. */
withDefaults(
  defineProps<{
    label: string;
    value: Value | undefined;
    options: readonly { readonly value: Value; readonly label: string }[];
    shape?: 'over' | 'beside' | 'quiet';
    placeholder?: string | undefined;
  }>(),
  { shape: 'over', placeholder: undefined },
);
const emit = defineEmits<{ change: [value: Value] }>();
</script>

<template>
  <FieldFrame v-slot="{ id }" :label="label" :shape="shape">
    <el-select
      :id="id"
      :persistent="false"
      :model-value="value ?? ''"
      :placeholder="placeholder"
      :aria-label="label"
      @change="(next: Value) => emit('change', next)"
    >
      <el-option v-for="one in options" :key="one.value" :value="one.value" :label="one.label" />
    </el-select>
  </FieldFrame>
</template>

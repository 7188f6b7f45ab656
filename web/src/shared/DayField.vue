<script setup lang="ts">
/** A calendar day somebody may leave open. */
defineProps<{ value: string | undefined; label: string; id?: string; placeholder?: string; size?: 'small' }>();
const emit = defineEmits<{ change: [day: string | undefined] }>();
</script>

<template>
  <el-date-picker
    v-bind="id === undefined ? {} : { id }"
    :model-value="value ?? ''"
    type="date"
    value-format="YYYY-MM-DD"
    format="D MMM YYYY"
    :size="size ?? 'default'"
    :placeholder="placeholder ?? ''"
    :aria-label="label"
    @update:model-value="(day: string | null) => emit('change', day ?? undefined)"
  />
</template>

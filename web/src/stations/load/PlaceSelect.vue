<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { PlaceGroup } from './placeChoices.ts';

/**
 * Where a thing is: a place of the vehicle, of the trailer, or at home. There is one for every thing owned, so its list
 * is made only while it is open.
 */
const props = defineProps<{ value: string; groups: readonly PlaceGroup[]; label: string; placeholder?: string }>();
const emit = defineEmits<{ change: [key: string]; closed: [] }>();
const { t } = useI18n();

const options = computed(() => [
  { value: '', label: t('app.load.atHome') },
  ...props.groups.map((group) => ({
    value: group.body,
    label: group.label,
    options: group.places.map(({ key, label }) => ({ value: key, label })),
  })),
]);
</script>

<template>
  <el-select-v2
    :model-value="placeholder === undefined ? value : undefined"
    :options="options"
    :persistent="false"
    :placeholder="placeholder ?? t('app.load.atHome')"
    :aria-label="label"
    @change="(key: string) => emit('change', key)"
    @visible-change="(open: boolean) => open || emit('closed')"
  />
</template>

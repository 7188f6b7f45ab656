<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { PlaceGroup } from './placeChoices.ts';

/** Where a thing is: a place of the vehicle, of the trailer, or at home. */
defineProps<{ value: string; groups: readonly PlaceGroup[]; label: string }>();
const emit = defineEmits<{ change: [key: string] }>();
const { t } = useI18n();
</script>

<template>
  <el-select
    :model-value="value"
    :placeholder="t('app.load.atHome')"
    :aria-label="label"
    @change="(key: string) => emit('change', key)"
  >
    <el-option value="" :label="t('app.load.atHome')" />
    <el-option-group v-for="group in groups" :key="group.body" :label="group.label">
      <el-option v-for="one in group.places" :key="one.key" :value="one.key" :label="one.label" />
    </el-option-group>
  </el-select>
</template>

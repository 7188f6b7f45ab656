<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useBasis } from './useBasis.ts';

/** What the verdict is drawn from, and, where plates have changed, against which it is read. */
defineProps<{ label: string }>();
const { t } = useI18n();
const { asked, choices, choose, era, eraChoices, chooseEra } = useBasis();
</script>

<template>
  <div class="basis no-print">
    <label for="basis-from">{{ label }}</label>
    <el-select id="basis-from" :model-value="asked" :aria-label="label" @change="choose">
      <el-option v-for="one in choices" :key="one.value" :value="one.value" :label="one.label" />
    </el-select>
    <template v-if="eraChoices.length > 1">
      <label for="basis-era">{{ t('app.era.label') }}</label>
      <el-select id="basis-era" :model-value="era ?? ''" :aria-label="t('app.era.label')" @change="chooseEra">
        <el-option v-for="one in eraChoices" :key="one.value" :value="one.value" :label="one.label" />
      </el-select>
    </template>
  </div>
</template>

<style scoped>
.basis {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.el-select {
  width: min(420px, 100%);
}
</style>

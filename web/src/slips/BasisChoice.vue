<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import ChoiceField from '../fields/ChoiceField.vue';
import { useBasis } from './useBasis.ts';

/** What the verdict is drawn from, and, where plates have changed, against which it is read. */
defineProps<{ label: string }>();
const { t } = useI18n();
const { asked, choices, choose, era, eraChoices, chooseEra } = useBasis();
</script>

<template>
  <div class="basis no-print">
    <ChoiceField :label="label" :value="asked" :options="choices" @change="choose" />
    <ChoiceField
      v-if="eraChoices.length > 1"
      :label="t('app.era.label')"
      :value="era ?? ''"
      :options="eraChoices"
      @change="chooseEra"
    />
  </div>
</template>

<style scoped>
.basis {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.basis > * {
  width: min(420px, 100%);
}
</style>

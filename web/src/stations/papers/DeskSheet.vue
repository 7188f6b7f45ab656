<script setup lang="ts">
import { sheetSizes, type PaperKind } from '@wagonomos/papers';
import { useI18n } from 'vue-i18n';
import BasisChoice from '../../slips/BasisChoice.vue';
import ChoiceField from '../../fields/ChoiceField.vue';
import { useBasis } from '../../slips/useBasis.ts';
import { useSettings } from '../../stores/settings.ts';
import './desk.css';
import PaperRow from './PaperRow.vue';

/** The papers of one occasion: where their masses are from, on which sheet, and what each is. */
defineProps<{ kinds: readonly PaperKind[]; says: string }>();
const { t } = useI18n();
const settings = useSettings();
const { says: drawn } = useBasis();
</script>

<template>
  <div class="desk-sheet">
    <section>
      <p class="desk-says">{{ says }}</p>
      <div class="from no-print">
        <BasisChoice :label="t('app.card.source')" />
        <ChoiceField
          class="size"
          :label="t('paper.desk.size')"
          :value="settings.sheetSize"
          :options="sheetSizes.map((value) => ({ value, label: t(`paper.desk.sizeOf.${value}`) }))"
          @change="settings.setSheetSize"
        />
      </div>
      <p class="soft" data-test="drawn">{{ drawn }} {{ t('app.card.unit', { unit: settings.massUnit }) }}</p>
      <PaperRow v-for="kind in kinds" :key="kind" :kind="kind" />
    </section>
    <div><slot /></div>
  </div>
</template>

<style scoped>
.from {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: end;
  margin: 8px 0 4px;
}
.from > :first-child {
  flex: 1 1 260px;
}
.size {
  width: 150px;
}
/* On the phone the way to have it stands on the first screen: what it is for, its own line says too. */
@media (width <= 720px) {
  .desk-says {
    display: none;
  }
  .from {
    flex-wrap: nowrap;
  }
  .from > :first-child {
    flex: 1 1 0;
    min-width: 0;
  }
  .size {
    flex: none;
    width: 96px;
  }
}
</style>

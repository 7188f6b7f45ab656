<script setup lang="ts">
import { regionOf } from '@wagonomos/core';
import { paperWords, tableKinds, type TableKind } from '@wagonomos/papers';
import { FileJson2, Sheet } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { downloadText, fileNameFrom } from '../../storage/download.ts';
import { useBasis } from '../../slips/useBasis.ts';
import { useSlips } from '../../slips/useSlips.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';

/** Lists for a spreadsheet, and the verdict for a program. */
const { t } = useI18n();
const { word, speech } = useSpeech();
const settings = useSettings();
const { based, view } = useBasis();
const { slips } = useSlips();
const words = computed(() => view.value && paperWords(word, view.value.situation.words, settings.massUnit));

const saveTable = async (kind: TableKind) => {
  if (!view.value || !based.value || !words.value) return;
  const { tableText } = await import('@wagonomos/papers/out');
  const { assessment } = based.value;
  const text = tableText(kind, { view: view.value, assessment, tickets: slips.value, words: words.value });
  downloadText(fileNameFrom(`${view.value.rig.name} ${t(`paper.desk.table.${kind}`)}`, 'csv'), text, 'text/csv');
};
const saveJson = async () => {
  if (!view.value || !based.value) return;
  const { report, reportText } = await import('@wagonomos/papers/out');
  const slip = based.value.from === 'slip' ? based.value.ticket.name : undefined;
  const region = regionOf(view.value.situation.vehicle.country);
  const text = reportText(report(based.value.assessment, region, speech.value, slip));
  downloadText(fileNameFrom(`${view.value.rig.name} ${t('paper.desk.table.verdict')}`, 'json'), text);
};
</script>

<template>
  <section data-test="tables-out">
    <h2>{{ t('paper.desk.tables') }}</h2>
    <p class="soft">{{ t('paper.desk.tablesText', { unit: settings.massUnit }) }}</p>
    <div class="desk-ways">
      <el-button
        v-for="kind in tableKinds"
        :key="kind"
        :disabled="kind === 'slips' && slips.length === 0"
        @click="saveTable(kind)"
      >
        <Sheet :size="16" />{{ t(`paper.desk.tableOf.${kind}`) }}
      </el-button>
      <el-button @click="saveJson"><FileJson2 :size="16" />{{ t('paper.desk.json') }}</el-button>
    </div>
  </section>
</template>

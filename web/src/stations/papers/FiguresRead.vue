<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { figuresRead, paperWords } from '@wagonomos/papers';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';

/** Every figure with the plate it was read from and the day: what to photograph, and what has grown old. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { word } = useSpeech();
const settings = useSettings();
const words = computed(() => paperWords(word, props.view.situation.words, settings.massUnit));
const rows = computed(() => figuresRead(words.value, props.view));
</script>

<template>
  <section>
    <h2>{{ t('app.papers.figures') }}</h2>
    <div class="scroll" tabindex="0" role="region" :aria-label="t('app.papers.figures')">
      <table v-if="rows.length > 0">
        <thead>
          <tr>
            <th>{{ t('app.papers.column.body') }}</th>
            <th>{{ t('app.papers.column.figure') }}</th>
            <th class="typed">{{ t('app.papers.column.typed') }}</th>
            <th>{{ t('app.papers.column.source') }}</th>
            <th>{{ t('app.papers.column.date') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <td>{{ row.body }}</td>
            <td>{{ row.figure }}</td>
            <td class="num typed">{{ row.typed }}</td>
            <td>{{ row.source }}</td>
            <td class="num day">{{ row.day === undefined ? t('app.papers.noDate') : words.day(row.day) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="soft">{{ t('app.papers.noFigures') }}</p>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  margin-top: 8px;
  border-collapse: collapse;
}
th {
  padding: 3px 12px 3px 0;
  border-bottom: 2px solid var(--ink);
  color: var(--soft);
  font: 600 15px var(--figures);
  text-align: left;
}
td {
  padding: 4px 12px 4px 0;
  border-bottom: 1px dotted var(--line);
}
.day {
  white-space: nowrap;
}
.typed {
  text-align: right;
  white-space: nowrap;
}
td.typed {
  font-size: 17px;
  font-weight: 600;
}
</style>

<script setup lang="ts">
import { placedBodies, type RigView } from '@wagonomos/core';
import { conditionFor } from '@wagonomos/core/plates';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../shared/useSpeech.ts';

/** Every figure with the plate it was read from and the day: what to photograph, and what has grown old. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { limitWord } = useSpeech();

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' });
const rows = computed(() =>
  placedBodies(props.view).flatMap(({ body }) =>
    body.plates.flatMap((plate) =>
      plate.figures.map((figure) => ({
        key: `${body.id} ${plate.id} ${figure.limit} ${conditionFor(figure) ?? ''}`,
        body: body.name,
        source: plate.form ? t(`form.${plate.form}.name`) : t(`plateSource.${plate.source}`),
        limit: limitWord(figure.limit),
        typed: figure.typed,
        date: plate.date === undefined ? '' : day.format(new Date(`${plate.date}T00:00`)),
      })),
    ),
  ),
);
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
            <td>{{ row.limit }}</td>
            <td class="num typed">{{ row.typed }}</td>
            <td>{{ row.source }}</td>
            <td class="num">{{ row.date || t('app.papers.noDate') }}</td>
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
.typed {
  text-align: right;
  white-space: nowrap;
}
td.typed {
  font-size: 17px;
  font-weight: 600;
}
</style>

<script setup lang="ts">
import {
  cutTable,
  guessColumns,
  readTable,
  tableColumns,
  takeRows,
  type HeadingWords,
  type RigView,
  type RowFault,
  type TableColumn,
} from '@wagonomos/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import { useSpeech } from '../../shared/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { choiceOf, placeGroups } from './placeChoices.ts';

/** A table from a spreadsheet: pasted or opened, its columns said, its rows looked at before anything is taken. */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { speech } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();

const text = ref('');
const heading = ref(false);
const columns = ref<TableColumn[]>([]);
const groups = computed(() => placeGroups(props.view));
const places = computed(() =>
  groups.value.flatMap((group) => group.places.map(({ key, label }) => ({ key, name: label, body: group.label }))),
);
const listed = (key: string) =>
  t(key)
    .split(',')
    .map((word) => word.trim());
const words = (): HeadingWords => ({
  name: listed('app.table.words.name'),
  mass: listed('app.table.words.mass'),
  unit: listed('app.table.words.unit'),
  count: listed('app.table.words.count'),
  place: listed('app.table.words.place'),
});
const table = computed(() => cutTable(text.value));
watch(table, (cut) => {
  const guess = guessColumns(cut, words());
  heading.value = guess.heading;
  columns.value = guess.columns;
});
const read = computed(() => readTable(table.value, columns.value, heading.value, places.value, settings.massUnit));
const preview = computed(() => table.value.rows.slice(0, 6));
const known = computed(() => new Set([...props.view.things.values()].map(({ name }) => name.toLowerCase())));
const updates = computed(() => read.value.rows.filter(({ name }) => known.value.has(name.toLowerCase())).length);
const kg = (mass: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value: mass, rounding: 'nearest' });
const total = computed(() => kg(read.value.rows.reduce((sum, row) => sum + row.mass * row.count, 0)));
const faultText = ({ line, code, text: cell }: RowFault) =>
  t('app.table.fault', { line, what: t(`app.table.faults.${code}`, { text: cell }) });

const choose = (at: number, column: TableColumn) => {
  columns.value = columns.value.map((one, n) =>
    n === at ? column : one === column && column !== 'ignore' ? 'ignore' : one,
  );
};
const openFile = async (event: Event) => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file) text.value = (await file.text()).slice(0, 2_000_000);
  input.value = '';
};
const take = () => {
  const rows = read.value.rows;
  if (rows.length === 0) return;
  workspace.edit('app.edit.table', (document) =>
    takeRows(document, props.view.loadout.id, rows, newId, (key) => choiceOf(groups.value, key) ?? null),
  );
  text.value = '';
  open.value = false;
};
</script>

<template>
  <el-dialog v-model="open" :title="t('app.table.title')" width="min(760px, 96vw)">
    <p class="soft">{{ t('app.table.hint') }}</p>
    <label class="quiet-button file">
      {{ t('app.table.file') }}
      <input type="file" accept=".csv,.tsv,.txt,text/csv" class="sr-only" data-test="table-file" @change="openFile" />
    </label>
    <el-input
      v-model="text"
      type="textarea"
      :rows="5"
      :maxlength="2000000"
      :placeholder="t('app.table.paste')"
      :aria-label="t('app.table.paste')"
    />
    <template v-if="table.rows.length > 0">
      <el-checkbox v-model="heading">{{ t('app.table.heading') }}</el-checkbox>
      <div class="scroll" tabindex="0" role="region" :aria-label="t('app.table.preview')">
        <table>
          <thead>
            <tr>
              <th v-for="(column, at) in columns" :key="at" scope="col">
                <el-select
                  :model-value="column"
                  size="small"
                  :aria-label="t('app.table.column', { number: at + 1 })"
                  @change="(chosen: TableColumn) => choose(at, chosen)"
                >
                  <el-option
                    v-for="one in tableColumns"
                    :key="one"
                    :value="one"
                    :label="t(`app.table.columns.${one}`)"
                  />
                </el-select>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, n) in preview" :key="row.line" :class="{ heading: heading && n === 0 }">
              <td v-for="(_, at) in columns" :key="at">{{ row.cells[at] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="table.rows.length > preview.length" class="soft">
        {{ t('app.table.more', { count: table.rows.length - preview.length }) }}
      </p>
      <div role="alert" :hidden="read.faults.length === 0">
        <ul v-if="read.faults.length > 0" class="faults" data-test="table-faults">
          <li v-for="fault in read.faults.slice(0, 20)" :key="fault.line">{{ faultText(fault) }}</li>
          <li v-if="read.faults.length > 20">{{ t('app.table.moreFaults', { count: read.faults.length - 20 }) }}</li>
        </ul>
      </div>
    </template>
    <template #footer>
      <p class="sum" data-test="table-sum">
        {{ t('app.table.sum', { count: read.rows.length, updates, total }) }}
      </p>
      <el-button type="primary" :disabled="read.rows.length === 0" @click="take">
        {{ t('app.table.take', { count: read.rows.length }) }}
      </el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.file {
  margin: 6px 0;
}
.file:focus-within {
  outline: 2px solid var(--pen);
}
.scroll {
  margin: 6px 0;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
}
th {
  min-width: 110px;
  padding: 0 6px 4px 0;
}
td {
  max-width: 220px;
  padding: 2px 8px 2px 0;
  overflow: hidden;
  border-bottom: 1px dotted var(--line);
  text-overflow: ellipsis;
  white-space: nowrap;
}
.heading td {
  color: var(--soft);
  font-weight: 600;
}
.faults {
  max-height: 170px;
  margin: 8px 0;
  padding: 6px 10px 6px 26px;
  overflow: auto;
  border-left: 5px solid var(--over);
  color: var(--over);
}
.sum {
  margin-bottom: 8px;
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { takeRows } from '@wagonomos/core/edits';
import { mostRows, tableColumns, type RowFault, type TableColumn } from '@wagonomos/core/entry';
import { computed, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useDraft } from '../../stores/drafts.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { choiceOf, placeGroups } from './placeChoices.ts';
import { mostText, useTableReading } from './useTableReading.ts';

/**
 * A table from a spreadsheet: pasted or opened, read away from the page, its columns said, its rows looked at before anything
 * is taken.
 */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { speech } = useSpeech();
const { reason } = useRefusalWords();
const workspace = useWorkspace();

/** More than this does not go into the field: laying it out would hold up the page for seconds. */
const mostTyped = 100_000;

const text = useDraft(() => `table ${props.view.rig.id}`);
/** A table that was opened or pasted whole. */
const given = shallowRef<{ readonly name: string; readonly text: string } | null>(null);
const source = computed(() => given.value?.text ?? text.value);
const groups = computed(() => placeGroups(props.view));
const places = computed(() =>
  groups.value.flatMap((group) => group.places.map(({ key, label }) => ({ key, name: label, body: group.label }))),
);
const { heading, columns, table, read, share, problem, tooLong, choose, again, stop } = useTableReading(source, places);
const known = computed(() => new Set([...props.view.things.values()].map(({ name }) => name.toLowerCase())));
const updates = computed(() => read.value.rows.filter(({ name }) => known.value.has(name.toLowerCase())).length);
const kg = (mass: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value: mass, rounding: 'nearest' });
const total = computed(() => kg(read.value.rows.reduce((sum, row) => sum + row.mass * row.count, 0)));
const faultText = ({ line, code, text: cell }: RowFault) =>
  t('app.table.fault', { line, what: t(`app.table.faults.${code}`, { text: cell }) });

const openFile = async (event: Event) => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  if (file.size > mostText) problem.value = tooLong();
  else given.value = { name: file.name, text: await file.text() };
};
const paste = (event: ClipboardEvent) => {
  const pasted = event.clipboardData?.getData('text') ?? '';
  if (pasted.length <= mostTyped) return;
  event.preventDefault();
  given.value = { name: t('app.table.pasted'), text: pasted };
};
const take = () => {
  const rows = read.value.rows;
  if (rows.length === 0) return;
  const refusal = workspace.edit('app.edit.table', (document) =>
    takeRows(document, props.view.loadout.id, rows, newId, (key) => choiceOf(groups.value, key) ?? null),
  );
  const why = reason(refusal);
  problem.value = why === null ? null : `${t('app.refused.title')} ${why}`;
  workspace.dismissRefusal();
  if (refusal) return;
  if (given.value) given.value = null;
  else text.value = '';
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
    <p v-if="given" class="given">
      <b>{{ given.name }}</b>
      <button type="button" class="quiet-button" @click="given = null">{{ t('app.table.leave') }}</button>
    </p>
    <el-input
      v-else
      v-model="text"
      type="textarea"
      :rows="5"
      :placeholder="t('app.table.paste')"
      :aria-label="t('app.table.paste')"
      @paste="paste"
    />
    <p v-if="problem !== null" class="problem" role="alert" data-test="table-problem">{{ problem }}</p>
    <p v-if="share !== null" class="busy" role="status">
      <el-progress :percentage="Math.round(100 * share)" :stroke-width="8" class="bar" />
      <el-button size="small" @click="stop">{{ t('app.uprate.stop') }}</el-button>
    </p>
    <template v-if="table && table.count > 0">
      <el-checkbox v-model="heading" @change="again">{{ t('app.table.heading') }}</el-checkbox>
      <div class="scroll" tabindex="0" role="region" :aria-label="t('app.table.preview')">
        <table>
          <thead>
            <tr>
              <th v-for="(column, at) in columns" :key="at" scope="col">
                <el-select
                  :persistent="false"
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
            <tr v-for="(row, n) in table.preview" :key="row.line" :class="{ heading: heading && n === 0 }">
              <td v-for="(_, at) in columns" :key="at">{{ row.cells[at] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="table.count > table.preview.length" class="soft">
        {{ t('app.table.more', { count: table.count - table.preview.length }) }}
      </p>
      <p v-if="table.beyond > 0" class="problem" role="alert" data-test="table-beyond">
        {{ t('app.table.beyond', { count: table.beyond, most: mostRows }) }}
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
.problem {
  margin: 6px 0;
  color: var(--over);
}
.given {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 8px 0;
  overflow-wrap: anywhere;
}
.busy {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 6px 0;
}
.bar {
  flex: 1;
}
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

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { takeRows } from '@wagonomos/core/edits';
import { mostRows, tableColumns, type HeadingWords, type RowFault, type TableColumn } from '@wagonomos/core/entry';
import { proxy } from 'comlink';
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import { useRefusalWords } from '../../shared/useRefusalWords.ts';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useDraft } from '../../stores/drafts.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { worked } from '../../workers/remote.ts';
import type { TableWork } from '../../workers/tables.worker.ts';
import { choiceOf, placeGroups } from './placeChoices.ts';

/**
 * A table from a spreadsheet: pasted or opened, read away from the page, its columns said, its rows looked at before anything
 * is taken.
 */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { speech } = useSpeech();
const { reason } = useRefusalWords();
const settings = useSettings();
const workspace = useWorkspace();

/** Longer text is not read: nobody lists so many things. */
const mostText = 2_000_000;
/** ms of rest before what is typed is read. */
const rests = 150;

/** More than this does not go into the field: laying it out would hold up the page for seconds. */
const mostTyped = 100_000;

const text = useDraft(() => `table ${props.view.rig.id}`);
/** A table that was opened or pasted whole. */
const given = shallowRef<{ readonly name: string; readonly text: string } | null>(null);
const source = computed(() => given.value?.text ?? text.value);
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

type Cut = Awaited<ReturnType<TableWork['cut']>>;
type Read = Awaited<ReturnType<TableWork['read']>>;
const reader = worked<TableWork>(
  () => new Worker(new URL('../../workers/tables.worker.ts', import.meta.url), { type: 'module' }),
);
const table = shallowRef<Cut | null>(null);
const read = shallowRef<Read>({ rows: [], faults: [] });
/** The share of the rows that has been read; null: nothing is being read. */
const share = ref<number | null>(null);
/** Why the text was not read, or not taken. */
const problem = ref<string | null>(null);
/** Goes up with every text and every stop: what an earlier one still brings counts no more. */
let turn = 0;
let timer: ReturnType<typeof setTimeout> | undefined;

const forget = () => {
  turn += 1;
  clearTimeout(timer);
  share.value = null;
};
const stop = () => {
  forget();
  reader.end();
  problem.value = t('app.table.stopped');
};
onBeforeUnmount(() => {
  forget();
  reader.end();
});
const cut = async () => {
  const mine = turn;
  share.value = 0;
  const found = await reader.ask((api) => api.cut(source.value, words())).catch(() => null);
  if (mine !== turn) return;
  if (!found) {
    forget();
    problem.value = t('app.table.notRead');
    return;
  }
  heading.value = found.guess.heading;
  columns.value = [...found.guess.columns];
  table.value = found;
  await look();
};
const look = async () => {
  const mine = turn;
  share.value = 0;
  const progress = proxy((done: number) => {
    if (mine === turn) share.value = done;
  });
  const question = {
    columns: [...columns.value],
    heading: heading.value,
    places: places.value,
    unit: settings.massUnit,
  };
  const found = await reader.ask((api) => api.read(question, progress)).catch(() => null);
  if (mine !== turn) return;
  // The last word of progress may come after the answer.
  forget();
  if (found) read.value = found;
  else problem.value = t('app.table.notRead');
};
watch(
  source,
  (next) => {
    forget();
    problem.value = null;
    read.value = { rows: [], faults: [] };
    table.value = null;
    if (next.length > mostText) problem.value = t('app.table.tooLong', { most: written(mostText / 1_000_000, 0) });
    else if (next.trim() !== '') timer = setTimeout(() => void cut(), rests);
  },
  { immediate: true },
);
const again = () => {
  if (!table.value) return;
  forget();
  void look();
};
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
  again();
};
const openFile = async (event: Event) => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  if (file.size > mostText) problem.value = t('app.table.tooLong', { most: written(mostText / 1_000_000, 0) });
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

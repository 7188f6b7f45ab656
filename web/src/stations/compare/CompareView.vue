<script setup lang="ts">
import { loadoutsOf } from '@wagonomos/core/edits';
import { assess, loadoutDifferences, onDay, viewRig, type PlannedAssessment, type Check } from '@wagonomos/core';
import { Printer } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import VerdictLine from '../../words/VerdictLine.vue';
import { checkAmount } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { ballShareWords } from '../../words/ballShareWords.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Up to four ways to load one rig side by side: verdict, masses, margins, and what is not the same. */
const { t } = useI18n();
const { say, speech } = useSpeech();
const rig = useRig();
const settings = useSettings();
const workspace = useWorkspace();
const most = 4;

const all = computed(() => (workspace.document && rig.view ? loadoutsOf(workspace.document, rig.view.rig) : []));
const left = ref<readonly string[]>();
const chosen = computed(() => {
  const known = all.value.map((one) => one.id);
  return (left.value ?? known).filter((id) => known.includes(id)).slice(0, most);
});
const columns = computed<readonly PlannedAssessment[]>(() => {
  const { document } = workspace;
  const { view } = rig;
  if (!document || !view) return [];
  return chosen.value.flatMap((id) => {
    const one = viewRig(document, view.rig.id, id);
    return one ? [assess(onDay(one, view.situation.date ?? ''))] : [];
  });
});
const shown: readonly Check['role'][] = ['total', 'axle', 'ballMost', 'ballLeast', 'band'];
/** The rigs side by side are one rig: each has the same checks, or lacks some. */
const ids = computed(() => {
  const all = columns.value.flatMap(({ checks }) => checks.filter(({ role }) => shown.includes(role)));
  return [...new Set(all.map(({ id }) => id))];
});
const rows = computed(() =>
  ids.value.flatMap((id) => {
    const checks = columns.value.map(({ checks: own }) => own.find((one) => one.id === id));
    const first = checks.find((check) => check && check.status !== 'notApplicable');
    return first ? [{ id, name: say(first.name), checks }] : [];
  }),
);
const load = (check: Check | undefined) =>
  check?.demand == null ? t('app.verdict.unknown') : checkAmount(check, check.demand, settings.massUnit, 'load');
const differences = computed(() => loadoutDifferences(columns.value));
const share = ({ loads }: PlannedAssessment) => {
  const part = ballShareWords(loads);
  return part === null ? null : t('app.compare.percent', { share: part });
};
const kg = (mass: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value: mass, rounding: 'nearest' });
const print = () => window.print();
</script>

<template>
  <section v-if="rig.view" class="compare" data-test="compare">
    <h1>{{ t('app.compare.title') }}</h1>
    <header class="no-print">
      <el-select
        :persistent="false"
        :model-value="[...chosen]"
        multiple
        :multiple-limit="most"
        :aria-label="t('app.compare.which')"
        @change="(ids: string[]) => (left = ids)"
      >
        <el-option v-for="one in all" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-button @click="print"><Printer :size="16" />{{ t('app.card.print') }}</el-button>
      <RouterLink class="quiet-button" :to="{ name: 'load', params: { rig: rig.rigId } }">{{
        t('app.compare.back')
      }}</RouterLink>
    </header>
    <div class="scroll" tabindex="0" role="region" :aria-label="t('app.compare.title')">
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="one in columns" :key="one.loads.view.loadout.id" scope="col">
              {{ one.loads.view.loadout.name }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{{ t('app.station.verdict') }}</th>
            <td v-for="one in columns" :key="one.loads.view.loadout.id" class="verdict">
              <VerdictLine :assessment="one" />
            </td>
          </tr>
          <tr v-for="row in rows" :key="row.id" :data-test="`compare-${row.id}`">
            <th scope="row">{{ row.name }}</th>
            <td v-for="(check, at) in row.checks" :key="at">
              <b class="num">{{ load(check) }}</b> <MarginText v-if="check" :check="check" />
            </td>
          </tr>
          <tr v-if="rig.view.trailer">
            <th scope="row">{{ t('app.compare.share') }}</th>
            <td v-for="one in columns" :key="one.loads.view.loadout.id" class="num">{{ share(one) }}</td>
          </tr>
          <tr class="part">
            <th :colspan="columns.length + 1" scope="rowgroup">
              {{ t('app.compare.differs', { count: differences.length }) }}
            </th>
          </tr>
          <tr v-for="one in differences" :key="`${one.kind} ${one.name}`">
            <th scope="row">{{ one.name }}</th>
            <td v-for="(each, at) in one.each" :key="at" :class="{ soft: !each }">
              {{ each ? t('app.compare.lies', { mass: kg(each.mass), where: each.where }) : t('app.load.atHome') }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.compare {
  padding: 14px 18px 30px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-bottom: 10px;
}
header .el-select {
  flex: 1 1 320px;
  max-width: 640px;
}
header :deep(svg) {
  margin-right: 6px;
}
.scroll {
  overflow-x: auto;
}
@media (width <= 720px) {
  /* Chosen loadouts stand one under the other; their room is kept until they are measured. */
  header .el-select :deep(.el-select__wrapper) {
    min-height: 64px;
  }
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 5px 22px 5px 0;
  border-bottom: 1px dotted var(--line);
  text-align: left;
  vertical-align: baseline;
}
thead th {
  border-bottom: 2px solid var(--ink);
  font: 600 18px/1.2 var(--figures);
}
tbody th {
  max-width: 260px;
  color: var(--soft);
  font-weight: 400;
}
td b {
  display: inline-block;
  min-width: 58px;
  font-size: 18px;
}
.verdict {
  max-width: 300px;
}
.verdict :deep(.sentence) {
  font-size: 15px;
  line-height: 21px;
}
.part th {
  padding-top: 16px;
  border-bottom: 2px solid var(--ink);
  color: var(--ink);
  font: 600 18px var(--figures);
}
</style>

<script setup lang="ts">
import { roadsideChecks } from '@wagonomos/core';
import { assessTicket } from '@wagonomos/core/weighing';
import { Plus, Printer } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { demandText, limitText } from '@wagonomos/papers/words';
import VerdictLine from '../../words/VerdictLine.vue';
import MarginText from '../../words/MarginText.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import SlipForm from '../../slips/SlipForm.vue';
import CheckMarks from '../../words/CheckMarks.vue';
import RulesAge from '../../words/RulesAge.vue';
import BasisChoice from '../../slips/BasisChoice.vue';
import { useBasis } from '../../slips/useBasis.ts';
import { useSlips } from '../../slips/useSlips.ts';

/** One screen to hold out of the window, or one sheet to print: every mass with its limit and what is left. */
const { t } = useI18n();
const { say, word } = useSpeech();
const rig = useRig();
const settings = useSettings();
const arithmetic = useArithmetic();
const workspace = useWorkspace();

const { start } = useSlips();
const { based, choose, says, view } = useBasis();
const ticket = computed(() => (based.value?.from === 'slip' ? based.value.ticket : undefined));
const weighed = computed(() => (view.value && ticket.value ? assessTicket(view.value, ticket.value) : null));
const assessment = computed(() => based.value?.assessment);
const newSlip = () => {
  if (rig.view) void choose(start(rig.view));
};

const rows = computed(() => roadsideChecks(assessment.value?.checks ?? []));
const print = () => window.print();
</script>

<template>
  <section v-if="rig.view && assessment" class="card" :aria-label="t('app.card.title')" data-test="card">
    <header>
      <h2>{{ rig.view.rig.name }}</h2>
      <el-button class="no-print" @click="print"><Printer :size="16" />{{ t('app.card.print') }}</el-button>
    </header>
    <div class="source no-print">
      <BasisChoice :label="t('app.card.source')" />
      <button type="button" class="quiet-button" :disabled="workspace.follows" @click="newSlip">
        <Plus :size="15" />{{ t('app.card.newSlip') }}
      </button>
    </div>
    <p class="soft" data-test="card-source">{{ says }} {{ t('app.card.unit', { unit: settings.massUnit }) }}</p>
    <VerdictLine :assessment="assessment" />
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('app.card.what') }}</th>
          <th scope="col">{{ t('app.card.now') }}</th>
          <th scope="col">{{ t('app.card.limit') }}</th>
          <th scope="col">{{ t('app.card.left') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="check in rows" :key="check.id" :class="check.status" :data-test="`card-${check.id}`">
          <th scope="row">
            {{ say(check.name) }}
            <CheckMarks :check="check" />
          </th>
          <td class="num">
            <b v-if="based?.from !== 'plan'">{{ demandText(word, check, settings.massUnit) }}</b>
            <button v-else type="button" class="number" @click="arithmetic.open(check.id)">
              {{ demandText(word, check, settings.massUnit) }}
            </button>
          </td>
          <td class="num">{{ limitText(word, check, settings.massUnit) }}</td>
          <td class="num"><MarginText :check="check" /></td>
        </tr>
      </tbody>
    </table>
    <RulesAge :checks="assessment.checks" :day="rig.view.situation.date" />
    <SlipForm v-if="weighed" :view="rig.view" :weighed="weighed" @gone="choose('known')" />
  </section>
</template>

<style scoped>
.card {
  max-width: 640px;
  padding: 14px 18px 30px;
}
header {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
}
header :deep(svg) {
  margin-right: 6px;
}
table {
  width: 100%;
  margin: 10px 0;
  border-collapse: collapse;
}
thead th {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
  color: var(--soft);
  font: 600 14px var(--figures);
  text-align: right;
}
thead th:first-child,
tbody th {
  text-align: left;
}
tbody th {
  font: 400 17px/1.15 var(--figures);
}
tbody th,
td {
  padding: 7px 0 7px 8px;
  border-bottom: 1px dotted var(--line);
}
tbody th {
  padding-left: 0;
}
td {
  font-size: 19px;
  text-align: right;
  white-space: nowrap;
}
td b,
td button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: 600 19px var(--figures);
  cursor: pointer;
}
.source {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 10px 0;
}
.source > :first-child {
  flex: 1 1 240px;
}
.source .el-select {
  flex: 1 1 200px;
}
.soft {
  font-size: 13px;
}
@media print {
  .card {
    max-width: none;
  }
}
</style>

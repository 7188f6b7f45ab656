<script setup lang="ts">
import { assess, onDay, viewRig, type Check, type RigView } from '@wagonomos/core';
import { limitsAcross } from '@wagonomos/core/uprating';
import { assessTicket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { leastWord } from '@wagonomos/papers/words';
import { useSlips } from '../../slips/useSlips.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useLoadouts } from './useLoadouts.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** What is left of every tight limit, in each way the rig is loaded and on each slip of the scale. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const { slips } = useSlips();
const { kg, excess, unit } = useOffers(() => props.view);
const loadouts = useLoadouts(() => props.view);
/** More would not be read side by side; the latest slips count. */
const mostSlips = 4;

const columns = computed(() => {
  const { document } = workspace;
  const day = props.view.situation.date ?? '';
  const planned = loadouts.value.flatMap(({ id, name }) => {
    const view = document && viewRig(document, props.view.rig.id, id);
    return view ? [{ id, name, kind: 'plan', checks: assess(onDay(view, day)).checks }] : [];
  });
  const weighed = slips.value.slice(-mostSlips).map((ticket) => ({
    id: ticket.id,
    name: ticket.name,
    kind: 'slip',
    checks: assessTicket(props.view, ticket).checks,
  }));
  return [...planned, ...weighed];
});
const rows = computed(() => limitsAcross(columns.value));
const left = (check: Check, margin: number | null) =>
  margin === null
    ? '–'
    : margin < 0
      ? t(`app.uprate.overBy${leastWord(check)}`, { mass: excess(-margin) })
      : t(`app.uprate.leftOf${leastWord(check)}`, { mass: kg(margin) });
</script>

<template>
  <p v-if="rows.length === 0" class="soft">{{ t('app.uprate.nothingTight') }}</p>
  <div v-else class="wide" tabindex="0" role="region" :aria-label="t('app.uprate.across')">
    <table data-test="limit-matrix">
      <thead>
        <tr>
          <td>{{ t('app.uprate.leftIn', { unit }) }}</td>
          <th v-for="one in columns" :key="one.id" scope="col" class="num">
            {{ one.name }}<small>{{ t(`app.uprate.column.${one.kind}`) }}</small>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.check.id">
          <th scope="row">{{ say(row.check.name) }}</th>
          <td
            v-for="(margin, at) in row.margins"
            :key="columns[at]?.id ?? at"
            class="num"
            :class="{ over: margin !== null && margin < 0 }"
          >
            {{ left(row.check, margin) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
.wide {
  overflow-x: auto;
}
thead td {
  color: var(--soft);
  font-size: 13.5px;
}
thead th {
  max-width: 150px;
}
small {
  display: block;
}
tbody th,
td {
  padding-top: 4px;
  padding-bottom: 4px;
}
.over {
  color: var(--over);
  font-weight: 600;
}
</style>

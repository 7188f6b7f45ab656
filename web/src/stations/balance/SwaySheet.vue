<script setup lang="ts">
import { viewRig, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { loadoutsOf } from '@wagonomos/core/edits';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';
import type { BalanceWork, SwayAnswer } from '../../workers/balance.worker.ts';
import { balanceWorker } from '../../workers/clients.ts';
import { unwatched } from '../../workers/unwatched.ts';
import { useLatest } from '../../workers/useLatest.ts';
import SwayPair from './SwayPair.vue';
import '../../shared/figureTable.css';

/** Whether this loading swings more or less than another of the same rig, and what ten kilograms do where. Never a speed. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const SwayChart = defineAsyncComponent(() => import('../../charts/SwayChart.vue'));
const { t } = useI18n();
const workspace = useWorkspace();

const others = computed(() =>
  (workspace.document ? loadoutsOf(workspace.document, props.view.rig) : []).filter(
    ({ id }) => id !== props.view.loadout.id,
  ),
);
/** Beside which loading; `empty`: nothing in the trailer. */
const chosen = ref<string | null>(null);
const beside = computed(() => others.value.find(({ id }) => id === chosen.value)?.id ?? others.value[0]?.id ?? 'empty');
const which = computed(() => [
  ...others.value.map(({ id, name }) => ({ value: id, label: name })),
  { value: 'empty', label: t('app.sway.empty') },
]);
const asked = computed(() => (chosen.value === 'empty' ? 'empty' : beside.value));
const other = computed((): RigView | null => {
  const { view } = props;
  if (asked.value !== 'empty') {
    return (workspace.document && viewRig(workspace.document, view.rig.id, asked.value)) ?? null;
  }
  const placements = view.loadout.placements.filter(({ body }) => body !== view.trailer?.id);
  return { ...view, loadout: { ...view.loadout, placements } };
});
const name = computed(() => which.value.find(({ value }) => value === asked.value)?.label ?? '');

const { answer, state, ask } = useLatest<BalanceWork, SwayAnswer>(balanceWorker());
watch(
  [() => props.view, other],
  ([view, than]) => ask(async (api) => api.sway(unwatched(view), unwatched(than)), { keeps: true }),
  { immediate: true },
);

const curve = computed(() => answer.value?.beside?.curve ?? []);
const unit = computed(() => t(`app.sway.along.${answer.value?.beside?.unit === 'mph' ? 'mph' : 'kmh'}`));
const series = computed(() => [
  { name: name.value, data: curve.value.map(({ before }) => before) },
  { name: props.view.loadout.name, data: curve.value.map(({ after }) => after) },
]);
const away = computed(() => answer.value?.beside?.turnsAway.after ?? null);
</script>

<template>
  <div class="bench sway">
    <section>
      <h2>{{ t('app.sway.title') }}</h2>
      <ChoiceField
        class="other no-print"
        :label="t('app.sway.beside')"
        :value="asked"
        :options="which"
        @change="(id) => (chosen = id)"
      />
      <div aria-live="polite">
        <p v-if="state === 'broken'" role="alert">{{ t('app.sway.broken') }}</p>
        <p v-else-if="!answer" class="soft">{{ t('app.sway.looking') }}</p>
        <p v-else-if="answer.beside" class="verdict" :class="answer.beside.verdict" data-test="sway-verdict">
          {{ t(`app.sway.verdict.${answer.beside.verdict}`, { loadout: view.loadout.name, other: name }) }}
        </p>
        <p v-else data-test="sway-verdict">{{ t('app.sway.unknown') }}</p>
      </div>
      <p class="caution">{{ t('app.sway.caution') }}</p>
      <template v-if="curve.length > 0">
        <SwayChart
          :speeds="curve.map((one) => written(one.speed, 0))"
          :series="series"
          :label="t('app.sway.chart')"
          :along="unit"
          :up="t('app.sway.up')"
        />
        <details class="fold">
          <summary>{{ t('app.sway.table') }}</summary>
          <table class="figure-table">
            <thead>
              <tr>
                <th scope="col">{{ unit }}</th>
                <th v-for="one in series" :key="one.name" scope="col">{{ one.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in curve" :key="one.speed">
                <th scope="row">{{ written(one.speed, 0) }}</th>
                <td class="num">{{ written(one.before, 3) }}</td>
                <td class="num">{{ written(one.after, 3) }}</td>
              </tr>
            </tbody>
          </table>
        </details>
        <p v-if="away !== null" class="away">{{ t('app.sway.turnsAway') }}</p>
        <p class="soft">{{ t('app.sway.model') }}</p>
      </template>
    </section>
    <section>
      <h2>{{ t('app.sway.tenKilos') }}</h2>
      <ol v-if="answer && answer.byPlace.length > 0" class="places" data-test="sway-places">
        <li v-for="one in answer.byPlace" :key="one.place" :class="one.verdict">
          <span>{{ one.name }}</span>
          <b>{{ t(`app.sway.ten.${one.verdict}`) }}</b>
        </li>
      </ol>
      <p v-else-if="answer" class="soft">{{ t('app.sway.noPlaces') }}</p>
      <SwayPair v-if="answer?.swings" :swings="answer.swings" />
    </section>
  </div>
</template>

<style scoped>
.sway {
  grid-template-columns: minmax(0, 3fr) minmax(300px, 2fr);
}
.other {
  max-width: 320px;
}
.verdict {
  margin: 8px 0;
  font-size: 19px;
  font-weight: 600;
}
.caution {
  max-width: 68ch;
  margin: 8px 0;
  padding-left: 10px;
  border-left: 4px double var(--ink);
}
.away {
  color: var(--over);
  font-weight: 600;
}
.places {
  margin: 4px 0 12px;
  padding: 0;
  list-style: none;
}
.places li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  padding: 4px 0 4px 10px;
  border-bottom: 1px dotted var(--line);
  border-left: 4px dotted var(--slate);
}
.places .calmer {
  border-left: 4px solid var(--in);
}
.places .livelier {
  border-left: 4px double var(--over);
}
b {
  font-weight: 600;
}
.livelier b {
  color: var(--over);
}
.calmer b {
  color: var(--in);
}
.soft {
  color: var(--soft);
  font-size: 13.5px;
}
@media (width <= 900px) {
  .sway {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

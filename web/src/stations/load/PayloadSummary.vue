<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { payload, type Payload } from '@wagonomos/core/limits';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** What becomes of each body's allowance, line by line, so that nobody is counted twice. */
const { t } = useI18n();
const { limitWord } = useSpeech();
const rig = useRig();
const settings = useSettings();
const arithmetic = useArithmetic();

const WaterfallChart = defineAsyncComponent(() => import('../../charts/WaterfallChart.vue'));
/** The chart is fetched when somebody wants to see it. */
const charted = ref(false);

const sheets = computed(() => {
  const loads = rig.assessment?.loads;
  if (!loads) return [];
  return (['vehicle', 'trailer'] as const).flatMap((side) => {
    const sheet = payload(loads, side);
    const name = loads.view[side]?.name ?? '';
    return sheet ? [{ ...sheet, name, lines: lines(sheet) }] : [];
  });
});

function lines(sheet: Payload): readonly { key: string; value: number | null; opens: string }[] {
  const minus = (value: number | null) => (value === null ? null : -value);
  const line = (key: string, value: number | null) => ({
    key,
    value: minus(value),
    opens: `payload:${sheet.side}/${key}`,
  });
  const parts = (['fitted', 'crew', 'tank', 'thing'] as const).map((key) => line(key, sheet.parts[key]));
  const ball = { key: 'ballLoad', value: minus(sheet.ballLoad), opens: 'ballLoad' };
  const camper = line('camper', sheet.camper);
  const total = sheet.side === 'vehicle' ? 'vehicleTotal' : 'trailerTotal';
  const beside = { key: 'unlisted', value: minus(sheet.unlisted), opens: total };
  const all = [line('bare', sheet.bare), ...parts, camper, ...(sheet.side === 'vehicle' ? [ball] : []), beside];
  return all.filter((line) => line.value === null || Math.abs(line.value) > (line.key === 'unlisted' ? 0.5 : 0));
}
const kg = (value: number | null, rounding: 'nearest' | 'margin' = 'nearest') =>
  value === null ? t('app.payload.unknown') : written(displayMass(value, settings.massUnit, rounding), 0);
/** The same lines as steps of a chart; nothing where one of them is not known. */
const stepsOf = (sheet: Payload & { readonly lines: ReturnType<typeof lines> }) => {
  if (sheet.max === null || sheet.left === null || sheet.lines.some(({ value }) => value === null)) return [];
  const amount = (value: number) => displayMass(value, settings.massUnit, 'nearest');
  return [
    { label: maximum(sheet), change: amount(sheet.max), kind: 'whole' },
    ...sheet.lines.map(({ key, value }) => ({ label: labelOf(key), change: amount(value ?? 0), kind: 'off' as const })),
    { label: t('app.payload.left'), change: amount(sheet.left), kind: 'left' },
  ] as const;
};
const labelOf = (key: string) => (key === 'ballLoad' ? t('app.payload.ballLoad') : t(`payload.${key}`));
const maximum = (sheet: Payload) => limitWord(sheet.side === 'vehicle' ? 'vehicleMax' : 'trailerMax');
</script>

<template>
  <div class="payload">
    <h2>{{ t('app.payload.title') }}</h2>
    <div class="sheets">
      <table v-for="sheet in sheets" :key="sheet.side">
        <caption>
          {{
            sheet.name
          }}
        </caption>
        <tbody>
          <tr>
            <th scope="row">{{ maximum(sheet) }}</th>
            <td class="num">
              <button type="button" @click="arithmetic.open(`${sheet.side}.max`)">{{ kg(sheet.max) }}</button>
            </td>
          </tr>
          <tr v-for="line in sheet.lines" :key="line.key">
            <th scope="row">{{ labelOf(line.key) }}</th>
            <td class="num">
              <button type="button" @click="arithmetic.open(line.opens)">{{ kg(line.value) }}</button>
            </td>
          </tr>
          <tr class="left" :class="{ over: sheet.left !== null && sheet.left < 0 }">
            <th scope="row">{{ t('app.payload.left') }}</th>
            <td class="num">
              <button type="button" @click="arithmetic.open(`${sheet.side}.max`)">
                {{ kg(sheet.left, 'margin') }}
              </button>
            </td>
          </tr>
          <tr v-if="sheet.published">
            <td colspan="2" class="soft">
              {{ t('app.payload.tolerance', { amount: `${kg(sheet.published.tolerance)} ${settings.massUnit}` }) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <details class="chart" @toggle="charted = ($event.target as HTMLDetailsElement).open">
      <summary>{{ t('app.payload.asChart') }}</summary>
      <template v-if="charted">
        <figure v-for="sheet in sheets" :key="sheet.side" :data-test="`waterfall-${sheet.side}`">
          <figcaption>{{ sheet.name }}</figcaption>
          <WaterfallChart v-if="stepsOf(sheet).length > 0" :steps="stepsOf(sheet)" />
          <p v-else class="soft">{{ t('app.balance.unknown') }}</p>
        </figure>
      </template>
    </details>
  </div>
</template>

<style scoped>
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 18px;
}
table {
  width: 100%;
  border-collapse: collapse;
  align-self: start;
}
caption {
  padding: 4px 0 2px;
  color: var(--soft);
  font-size: 13px;
  text-align: left;
}
th {
  font: 400 16px var(--figures);
  text-align: left;
}
td {
  font-size: 16px;
  text-align: right;
}
th,
td {
  padding: 1px 0;
  border-bottom: 1px dotted var(--line);
}
td button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
td button:hover {
  text-decoration: underline;
}
.left th,
.left td {
  border-top: 2px solid var(--ink);
  border-bottom: 0;
  color: var(--in);
  font-size: 19px;
  font-weight: 600;
}
.left.over th,
.left.over td {
  color: var(--over);
}
.soft {
  border: 0;
  font: 400 13px var(--text);
  text-align: left;
}
.chart summary {
  margin-top: 8px;
  font: 600 16px var(--figures);
  cursor: pointer;
}
figure {
  margin: 8px 0 0;
}
figcaption {
  color: var(--soft);
}
</style>

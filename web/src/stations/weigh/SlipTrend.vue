<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { trend, type Ticket } from '@wagonomos/core/weighing';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** The rig over the years: what it weighs with nothing in it, and what was left to each limit at every weighing. */
const SlipChart = defineAsyncComponent(() => import('../../charts/SlipChart.vue'));
const props = defineProps<{ view: RigView; slips: readonly Ticket[] }>();
const { t } = useI18n();
const { say } = useSpeech();
const { signed, plusMinus, unit } = useWeighedWords();

const points = computed(() => trend(props.view, props.slips));
const days = computed(() => points.value.map(({ ticket }) => ticket.date ?? ''));
const sides = ['vehicle', 'trailer'] as const;
const empties = computed(() =>
  sides.flatMap((side) => {
    const data = points.value.map(({ empty }) => (empty[side] ? Math.round(empty[side].value) : null));
    const known = points.value.flatMap(({ empty }) => empty[side] ?? []);
    const [first, last] = [known[0], known.at(-1)];
    return first && last && known.length > 0
      ? [{ side, name: props.view[side]?.name ?? '', data, first, last, count: known.length }]
      : [];
  }),
);
const margins = computed(() => {
  const names = new Map(points.value.flatMap((point) => point.margins.map(({ id, name }) => [id, name] as const)));
  return [...names].map(([id, name]) => ({
    id,
    name: say(name),
    data: points.value.map((point) => {
      const found = point.margins.find((one) => one.id === id);
      return found ? Math.floor(found.margin) : null;
    }),
  }));
});
</script>

<template>
  <section v-if="points.length > 1" data-test="trend">
    <h2>{{ t('app.history.trend') }}</h2>
    <template v-if="empties.length > 0">
      <p v-for="one in empties" :key="one.side">
        {{
          t('app.history.creep', {
            body: one.name,
            now: plusMinus(one.last.value, one.last.se),
            change: signed(one.last.value - one.first.value),
            unit: unit(),
            count: one.count,
          })
        }}
      </p>
      <SlipChart
        kind="line"
        :slips="days"
        :series="empties"
        :label="t('app.history.emptyChart')"
        :unit="t('app.history.emptyAxis', { unit: unit() })"
      />
    </template>
    <SlipChart
      v-if="margins.length > 0"
      kind="line"
      :slips="days"
      :series="margins"
      :label="t('app.history.marginChart')"
      :unit="t('app.history.marginAxis', { unit: unit() })"
    />
    <details>
      <summary>{{ t('app.history.figures') }}</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('app.history.limit') }}</th>
            <th v-for="day in days" :key="day" scope="col" class="num">{{ day }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in margins" :key="one.id">
            <th scope="row">{{ one.name }}</th>
            <td v-for="(value, at) in one.data" :key="at" class="num" :class="{ over: (value ?? 0) < 0 }">
              {{ value === null ? '–' : signed(value) }}
            </td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped src="./history.css"></style>

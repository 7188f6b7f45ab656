<script setup lang="ts">
import { quantityMessage, type QuantityName, type RigView } from '@wagonomos/core';
import { guesses, planQuality, type Ticket } from '@wagonomos/core/weighing';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** What the plan said before and the scale said after, over all slips: how good is this plan? */
const SlipChart = defineAsyncComponent(() => import('../../charts/SlipChart.vue'));
const props = defineProps<{ view: RigView; slips: readonly Ticket[] }>();
const { t } = useI18n();
const { say } = useSpeech();
const { kg, signed, plusMinus, unit } = useWeighedWords();

const all = computed(() => guesses(props.view, props.slips));
const quality = computed(() => planQuality(all.value));
const load = (name: QuantityName) => say(quantityMessage(props.view, name));
const tickets = computed(() => [...new Set(all.value.map(({ ticket }) => ticket))]);
/** The combination is the sum of two others: the table has it, the chart need not. */
const names = computed(() =>
  [...new Set(all.value.map(({ quantity }) => quantity))].filter((one) => one !== 'combination'),
);
const series = computed(() =>
  names.value.map((quantity) => ({
    name: load(quantity),
    data: tickets.value.map((ticket) => {
      const one = all.value.find((guess) => guess.ticket === ticket && guess.quantity === quantity);
      return one ? Math.round(one.missedBy) : null;
    }),
  })),
);
const slipName = ({ name, date }: Ticket) => date ?? name;
</script>

<template>
  <section v-if="quality" data-test="guesses">
    <h2>{{ t('app.history.guesses') }}</h2>
    <p>
      {{
        t('app.history.quality', {
          count: quality.guesses,
          typical: kg(quality.typical, 'load'),
          bias: signed(quality.bias),
          inside: quality.inside,
          unit: unit(),
        })
      }}
    </p>
    <SlipChart
      kind="bar"
      :slips="tickets.map(slipName)"
      :series="series"
      :label="t('app.history.guessChart')"
      :unit="t('app.history.missedBy', { unit: unit() })"
    />
    <details>
      <summary>{{ t('app.history.figures') }}</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('app.history.slip') }}</th>
            <th scope="col">{{ t('app.history.load') }}</th>
            <th scope="col" class="num">{{ t('app.history.planned') }}</th>
            <th scope="col" class="num">{{ t('app.history.weighed') }}</th>
            <th scope="col" class="num">{{ t('app.history.difference') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in all" :key="`${one.ticket.id} ${one.quantity}`" :class="{ outside: !one.inside }">
            <td>{{ slipName(one.ticket) }}</td>
            <th scope="row">{{ load(one.quantity) }}</th>
            <td class="num">{{ plusMinus(one.planned, one.plannedSe) }}</td>
            <td class="num">{{ plusMinus(one.weighed, one.weighedSe) }}</td>
            <td class="num">{{ signed(one.missedBy) }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped src="./history.css"></style>

<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** Cost against usable gain: each step of the line is the most that can be had for so much. */
const props = defineProps<{
  points: readonly { readonly cost: number; readonly gain: number; readonly names: string }[];
  unit: string;
  currency: string;
}>();
const { t } = useI18n();
const ink = useChartColours();
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: { ...ink.value.chart, type: 'line' },
  colors: [ink.value.ink],
  stroke: { width: 2, curve: 'stepline' },
  markers: { size: 6 },
  xaxis: {
    ...ink.value.xaxis,
    type: 'numeric',
    title: { text: t('app.uprate.costAxis', { currency: props.currency }) },
    labels: { ...ink.value.xaxis?.labels, formatter: (value: string) => written(Number(value), 0) },
  },
  yaxis: {
    title: { text: t('app.uprate.gainAxis', { unit: props.unit }) },
    labels: { formatter: (value: number) => written(value, 0) },
  },
  tooltip: {
    x: { formatter: (_value, at) => props.points[at?.dataPointIndex ?? 0]?.names ?? '' },
  },
}));
const series = computed(() => [
  { name: t('app.uprate.usable'), data: props.points.map(({ cost, gain }) => ({ x: cost, y: Math.round(gain) })) },
]);
</script>

<template>
  <PlainChart
    type="line"
    height="220"
    :options="options"
    :series="series"
    :label="t('app.uprate.frontChart')"
    role="figure"
  />
</template>

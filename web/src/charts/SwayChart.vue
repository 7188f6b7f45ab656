<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** How well a swing dies away against speed, of two loadings: told apart by dash and mark too. */
const props = defineProps<{
  speeds: readonly string[];
  series: readonly { readonly name: string; readonly data: readonly number[] }[];
  label: string;
  along: string;
  up: string;
}>();
const ink = useChartColours();
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: { ...ink.value.chart, type: 'line', animations: { enabled: false } },
  colors: [ink.value.slate, ink.value.pen],
  stroke: { width: [2, 3], dashArray: [6, 0], curve: 'straight' },
  markers: { size: [5, 6], shape: ['square', 'circle'] },
  legend: { show: true, position: 'top', horizontalAlign: 'left', fontSize: '14px' },
  xaxis: {
    ...ink.value.xaxis,
    categories: [...props.speeds],
    axisTicks: { show: false },
    title: { text: props.along },
  },
  yaxis: {
    min: (least: number) => Math.min(0, Math.floor(least * 10) / 10),
    labels: { formatter: (value: number) => written(value, 2), style: { fontSize: '13px' } },
    title: { text: props.up },
  },
  tooltip: { y: { formatter: (value: number) => written(value, 3) } },
}));
const lines = computed(() => props.series.map(({ name, data }) => ({ name, data: [...data] })));
</script>

<template>
  <PlainChart type="line" height="260" :options="options" :series="lines" :label="label" role="figure" />
</template>

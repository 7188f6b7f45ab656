<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** Masses slip by slip: columns about zero, or lines over the years. Told apart by mark and dash as well as by colour. */
const props = defineProps<{
  kind: 'bar' | 'line';
  slips: readonly string[];
  series: readonly { readonly name: string; readonly data: readonly (number | null)[] }[];
  label: string;
  unit: string;
}>();
const ink = useChartColours();
const shapes = ['circle', 'square', 'triangle', 'diamond', 'cross', 'plus', 'star', 'line'] as const;
/** The colours of within, tight and over would say something here that is not meant. */
const palette = computed(() => [ink.value.ink, ink.value.pen, ink.value.slate, ink.value.water, ink.value.cargo]);
/** The next whole ten beyond, and never less than ten. */
const tens = (value: number, way: 'down' | 'up') =>
  way === 'up' ? Math.max(10, Math.ceil(value / 10) * 10) : Math.min(-10, Math.floor(value / 10) * 10);
/** The same list as before where nothing in it has changed: a chart is drawn anew for every new list. */
const same = <Kind,>(make: () => Kind) =>
  computed<Kind>((before) => {
    const now = make();
    return before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now;
  });
const categories = same(() => [...props.slips]);
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: { ...ink.value.chart, type: props.kind },
  colors: palette.value,
  stroke:
    props.kind === 'line' ? { width: 2, dashArray: [0, 5, 2, 8, 0, 5, 2, 8] } : { width: 1, colors: [ink.value.ink] },
  markers: props.kind === 'line' ? { size: 6, shape: [...shapes] } : { size: 0 },
  plotOptions: { bar: { columnWidth: '62%' } },
  legend: { show: true, position: 'top', horizontalAlign: 'left', fontSize: '14px', inverseOrder: false },
  xaxis: { ...ink.value.xaxis, categories: categories.value, axisTicks: { show: false } },
  yaxis: {
    // A difference of a kilogram is none: columns do not fill the chart with it.
    ...(props.kind === 'bar'
      ? { min: (least: number) => tens(least, 'down'), max: (most: number) => tens(most, 'up') }
      : {}),
    labels: { formatter: (value: number) => written(value, 0), style: { fontSize: '13px' } },
    title: { text: props.unit },
  },
  annotations: { yaxis: [{ y: 0, borderColor: ink.value.ink, strokeDashArray: 0 }] },
  tooltip: { y: { formatter: (value: number) => `${written(value, 0)} ${props.unit}` } },
}));
const lines = same(() => props.series.map(({ name, data }) => ({ name, data: [...data] })));
</script>

<template>
  <PlainChart :type="kind" height="230" :options="options" :series="lines" :label="label" role="figure" />
</template>

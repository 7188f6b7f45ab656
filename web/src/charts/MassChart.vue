<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** Masses as bars along a body, with its centre and its axle. */
const props = defineProps<{
  bars: readonly { readonly x: number; readonly mass: number; readonly names: readonly string[] }[];
  centre: number;
  about: number | null;
}>();
const { t } = useI18n();
const ink = useChartColours();
const nearest = (x: number) =>
  props.bars.reduce((best, bar) => (Math.abs(bar.x - x) < Math.abs(best - x) ? bar.x : best), props.bars[0]?.x ?? 0);
const label = (x: number) => written(x, 2);
/** The two stand on either side of their lines, so that they can be read where they are close. */
const mark = (text: string, textAnchor: 'start' | 'end') => ({
  text,
  textAnchor,
  orientation: 'horizontal',
  offsetY: 2,
  style: { background: 'transparent', color: ink.value.ink, fontSize: '13px' },
  borderWidth: 0,
});
/** Centre and axle; one mark for both where they fall on the same line. */
const marks = computed(() => {
  const centre = label(nearest(props.centre));
  const axle = props.about === null ? null : label(nearest(props.about));
  if (axle === centre) {
    return [{ x: centre, borderColor: ink.value.pen, label: mark(t('app.balance.bothMark'), 'end') }];
  }
  return [
    { x: centre, borderColor: ink.value.pen, label: mark(t('app.balance.centreMark'), 'end') },
    ...(axle === null
      ? []
      : [{ x: axle, borderColor: ink.value.ink, label: mark(t('app.balance.axleMark'), 'start') }]),
  ];
});
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: { ...ink.value.chart, type: 'bar', id: `along ${label(props.centre)}` },
  plotOptions: { bar: { columnWidth: '88%' } },
  xaxis: {
    ...ink.value.xaxis,
    categories: props.bars.map((bar) => label(bar.x)),
    // Whole metres are enough to read along.
    labels: {
      ...ink.value.xaxis?.labels,
      rotate: 0,
      hideOverlappingLabels: false,
      formatter: (x: string) => (Number.isInteger(Number(x)) ? x : ''),
    },
    axisTicks: { show: false },
    title: { text: t('app.balance.axis') },
  },
  yaxis: { labels: { formatter: (value: number) => written(value, 0) }, title: { text: t('app.balance.kg') } },
  tooltip: {
    x: { formatter: (_, at) => props.bars[at?.dataPointIndex ?? 0]?.names.join(', ') ?? '' },
  },
  annotations: {
    xaxis: marks.value,
  },
}));
const series = computed(() => [
  { name: t('app.balance.kg'), data: props.bars.map((bar) => Math.round(bar.mass * 10) / 10) },
]);
</script>

<template>
  <PlainChart type="bar" height="190" :options="options" :series="series" :label="t('app.balance.chart')" role="img" />
</template>

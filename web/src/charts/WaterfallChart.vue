<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSettings } from '../stores/settings.ts';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** An allowance, what comes off it step by step, and what is left: each bar hangs where the one before ended. */
const props = defineProps<{
  /** In the owner's unit; `change` is negative where something comes off. */
  steps: readonly { readonly label: string; readonly change: number; readonly kind: 'whole' | 'off' | 'left' }[];
}>();
const { t } = useI18n();
const ink = useChartColours();
const settings = useSettings();

interface Bar {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly kind: 'whole' | 'off' | 'left';
}
const bars = computed(() => {
  let level = 0;
  return props.steps.map(({ label, change, kind }): Bar => {
    const from = kind === 'off' ? level : 0;
    level = from + change;
    return { label, from, to: level, kind };
  });
});
const colourOf = ({ kind, to }: Bar): string | undefined => {
  const [off, left, over] = ink.value.colors ?? [];
  const colour = kind === 'whole' ? ink.value.pen : kind === 'off' ? off : to < 0 ? over : left;
  return typeof colour === 'string' ? colour : undefined;
};
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: { ...ink.value.chart, type: 'bar', stacked: true },
  colors: ['transparent', ink.value.ink],
  stroke: { width: 0 },
  plotOptions: { bar: { horizontal: true, barHeight: '64%' } },
  xaxis: {
    ...ink.value.xaxis,
    labels: { ...ink.value.xaxis?.labels, formatter: (value: string) => written(Number(value), 0) },
    title: { text: settings.massUnit },
  },
  tooltip: { enabled: false },
}));
const series = computed(() => [
  // What the bar hangs on is not seen; a bar that reaches below nothing starts there.
  {
    name: '',
    data: bars.value.map(({ label, from, to }) => ({ x: label, y: Math.max(0, Math.min(from, to)) })),
  },
  {
    name: settings.massUnit,
    data: bars.value.map((bar) => ({
      x: bar.label,
      y: bar.to < 0 && bar.kind === 'left' ? bar.to : Math.abs(bar.to - bar.from),
      fillColor: colourOf(bar),
    })),
  },
]);
</script>

<template>
  <PlainChart
    type="bar"
    :height="40 + 30 * steps.length"
    :options="options"
    :series="series"
    :label="t('app.payload.chart')"
    role="img"
  />
</template>

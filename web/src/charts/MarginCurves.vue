<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import { written } from '@wagonomos/papers/words';
import PlainChart from './PlainChart.vue';
import { useChartColours } from './useChartColours.ts';

/** What several limits have left along a way from 0 to 1: the limit itself is the line of zero. Told apart by dash and end mark too. */
const props = defineProps<{
  series: readonly {
    readonly name: string;
    readonly data: readonly { readonly x: number; readonly y: number | null }[];
  }[];
  /** Where parts of the way begin. */
  posts: readonly number[];
  label: string;
  /** What the line of zero is. */
  zero: string;
}>();
const emit = defineEmits<{ area: [area: { readonly left: number; readonly width: number }] }>();
const ink = useChartColours();
const dashes = [0, 7, 3, 10] as const;
const widths = [3, 2.5, 2, 2] as const;
const palette = computed(() => [ink.value.ink, ink.value.pen, ink.value.slate, ink.value.cargo]);
const values = computed(() => props.series.flatMap(({ data }) => data.flatMap(({ y }) => y ?? [])));
/** Where the curves stand within the chart, px: what goes with them lines up by it. */
const tellArea = (chart: unknown) => {
  const { el } = chart as { readonly el?: unknown };
  const grid = el instanceof Element ? el.querySelector('.apexcharts-grid') : null;
  if (!(el instanceof Element) || !grid) return;
  const [outer, inner] = [el.getBoundingClientRect(), grid.getBoundingClientRect()];
  emit('area', { left: inner.left - outer.left, width: inner.width });
};
/** Ticks people count in: the limit, zero, is one of them. */
const scale = computed(() => {
  const [least, most] = [Math.min(0, ...values.value), Math.max(20, ...values.value)];
  const step = [5, 10, 20, 25, 50, 100, 200, 250, 500].find((one) => (most - least) / one <= 4.5) ?? 1000;
  const [min, max] = [Math.floor(least / step - 0.05) * step, Math.ceil(most / step) * step];
  return { min, max, tickAmount: Math.round((max - min) / step) };
});
const options = computed<ApexOptions>(() => ({
  ...ink.value,
  chart: {
    ...ink.value.chart,
    type: 'line',
    animations: { enabled: false },
    parentHeightOffset: 0,
    events: { mounted: tellArea, updated: tellArea },
  },
  colors: palette.value,
  stroke: { width: [...widths], curve: 'straight', dashArray: [...dashes] },
  legend: { show: false },
  grid: { ...ink.value.grid, padding: { left: 0, right: 0, top: -14, bottom: -10 } },
  xaxis: {
    type: 'numeric',
    min: 0,
    max: 1,
    tickAmount: 1,
    labels: { show: false },
    axisTicks: { show: false },
    axisBorder: { show: false },
    crosshairs: { show: false },
    tooltip: { enabled: false },
  },
  yaxis: {
    ...scale.value,
    labels: {
      minWidth: 44,
      offsetX: -6,
      maxWidth: 44,
      formatter: (value: number) => written(value, 0),
      style: { fontSize: '13px' },
    },
  },
  annotations: {
    yaxis: [{ y: 0, borderColor: ink.value.ink, strokeDashArray: 0 }],
    xaxis: props.posts.map((x) => ({ x, borderColor: ink.value.slate, strokeDashArray: 2, opacity: 0.5 })),
  },
  tooltip: { enabled: false },
}));
const lines = computed(() => props.series.map(({ name, data }) => ({ name, data: data.map((one) => ({ ...one })) })));
</script>

<template>
  <div>
    <ul class="legend">
      <li v-for="(one, n) in series" :key="one.name">
        <svg width="30" height="8" aria-hidden="true">
          <line
            x1="0"
            x2="30"
            y1="4"
            y2="4"
            :stroke="palette[n]"
            :stroke-width="widths[n]"
            :stroke-dasharray="dashes[n] || undefined"
          />
        </svg>
        {{ one.name }}
      </li>
      <li class="zero">{{ zero }}</li>
    </ul>
    <PlainChart type="line" height="132" :options="options" :series="lines" :label="label" role="figure" />
  </div>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  margin: 0;
  padding: 0 0 0 44px;
  font: 400 15px/20px var(--figures);
  list-style: none;
}
li {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.zero {
  color: var(--soft);
}
@media (width <= 720px) {
  .legend {
    padding: 0;
  }
}
</style>

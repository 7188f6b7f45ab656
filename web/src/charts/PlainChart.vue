<script setup lang="ts">
import type { ApexOptions } from 'apexcharts';
import { computed } from 'vue';
import VueApexCharts from 'vue3-apexcharts';
import { plainOptions, plainSeries, type Series } from './plainText.ts';

/** The one door to the chart library, which takes words for HTML: whatever is said in a chart stands there as it is written. */
const props = defineProps<{
  type: 'bar' | 'line';
  height: number | string;
  options: ApexOptions;
  series: Series;
  label: string;
  /** `img`: one picture, told by its label; `figure`: a table beside it says the same. */
  role: 'img' | 'figure';
}>();
// Apart from each other: a chart is drawn anew for every new list.
const plain = computed(() => plainOptions(props.options));
const lines = computed(() => plainSeries(props.series));
</script>

<template>
  <VueApexCharts :type="type" :height="height" :options="plain" :series="lines" :aria-label="label" :role="role" />
</template>

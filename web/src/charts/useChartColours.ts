import type { ApexOptions } from 'apexcharts';
import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { useSettings } from '../stores/settings.ts';

export type ChartColours = ApexOptions & Readonly<Record<'ink' | 'pen' | 'cargo' | 'slate' | 'water', string>>;

/** The look all charts share: the colours of the theme in force, the figures' font, no toolbar, no motion where none is wanted. */
export function useChartColours(): ComputedRef<ChartColours> {
  const settings = useSettings();
  const motion = usePreferredReducedMotion();
  return computed(() => {
    // Read again when the theme changes: the variables do.
    void settings.dark;
    const style = getComputedStyle(document.documentElement);
    const colour = (name: string) => style.getPropertyValue(`--${name}`).trim();
    const soft = { style: { colors: colour('soft'), fontSize: '13px' } };
    return {
      ink: colour('ink'),
      pen: colour('pen'),
      cargo: colour('cargo'),
      slate: colour('slate'),
      water: colour('water'),
      chart: {
        fontFamily: 'Barlow Condensed, sans-serif',
        foreColor: colour('soft'),
        background: 'transparent',
        toolbar: { show: false },
        zoom: { enabled: false },
        animations: { enabled: motion.value !== 'reduce' },
      },
      colors: [colour('cargo'), colour('in'), colour('over')],
      states: { hover: { filter: { type: 'none' } }, active: { filter: { type: 'none' } } },
      stroke: { width: 1, colors: [colour('ink')] },
      fill: { opacity: 1 },
      grid: { borderColor: colour('line'), strokeDashArray: 3 },
      dataLabels: { enabled: false },
      legend: { show: false },
      xaxis: { labels: soft },
      theme: { mode: settings.dark ? 'dark' : 'light' },
    };
  });
}

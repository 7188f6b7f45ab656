import type { ApexOptions } from 'apexcharts';

export type Series = readonly { readonly name: string; readonly data: readonly unknown[] }[];

const entities: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Text as HTML that shows it and does nothing else. */
export const escaped = (text: string): string => text.replaceAll(/[&<>"']/g, (one) => entities[one] ?? one);

/** What the library tells a formatter besides the value. */
interface TooltipPoint {
  readonly dataPointIndex?: number;
}
type Formatter = (this: void, value: number, point?: TooltipPoint) => string | number;
/** The library's own type says less of what it hands over than it does. */
interface Told {
  readonly formatter?: Formatter;
}

/** All that a tooltip says as text. Labels of axes and of marks are drawn as text already; tooltips on the axes are left out. */
export function plainOptions(options: ApexOptions): ApexOptions {
  const { tooltip = {}, xaxis } = options;
  const categories = (xaxis?.categories ?? []) as readonly (string | number)[];
  const category: Formatter = (value, { dataPointIndex = -1 } = {}) => categories[dataPointIndex] ?? value;
  const x = (tooltip.x ?? {}) as Told;
  const y = ((Array.isArray(tooltip.y) ? tooltip.y[0] : tooltip.y) ?? {}) as Told;
  const plain =
    (format: Formatter): Formatter =>
    (value, point) =>
      escaped(String(format(value, point)));
  const told = {
    ...tooltip,
    x: { ...x, formatter: plain(x.formatter ?? category) },
    ...(y.formatter ? { y: { ...y, formatter: plain(y.formatter) } } : {}),
  };
  return { ...options, xaxis: { ...xaxis, tooltip: { enabled: false } }, tooltip: told as ApexOptions['tooltip'] };
}

/** Names of series as text: legend and tooltip take them for HTML. */
export const plainSeries = (series: Series): Series => series.map((one) => ({ ...one, name: escaped(one.name) }));

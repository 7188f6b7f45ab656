import { describe, expect, it } from 'vitest';
import { escaped, plainOptions, plainSeries } from './plainText.ts';

const markup = '<meta http-equiv="refresh" content="0;url=//x"><b>&\'';
const plain = '&lt;meta http-equiv=&quot;refresh&quot; content=&quot;0;url=//x&quot;&gt;&lt;b&gt;&amp;&#39;';

type Told = Record<'x' | 'y', { formatter: (this: void, value: number, point?: object) => string }>;

describe('words in a chart', () => {
  it('are text, whatever stands in them', () => {
    expect(escaped(markup)).toBe(plain);
    const options = plainOptions({
      xaxis: { categories: ['one', markup] },
      tooltip: { y: { formatter: (value) => `${markup}${value}` } },
    });
    expect(plainSeries([{ name: markup, data: [1, 2] }])).toEqual([{ name: plain, data: [1, 2] }]);
    const { x, y } = options.tooltip as Told;
    expect(x.formatter(2, { dataPointIndex: 1 })).toBe(plain);
    expect(x.formatter(2)).toBe('2');
    expect(y.formatter(5)).toBe(`${plain}5`);
  });

  it('of a chart that says them in its own way are text too', () => {
    const options = plainOptions({ tooltip: { x: { formatter: () => markup } } });
    expect((options.tooltip as Told).x.formatter(1)).toBe(plain);
  });
});

import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { useGrowing } from './useGrowing.ts';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** A list of so many, ten of them at once. */
const list = (count: number) =>
  mount(
    defineComponent({
      props: { count: { type: Number, required: true } },
      setup: (props) => {
        const made = useGrowing(() => props.count, 10);
        return () => h('p', Math.min(made.value, props.count));
      },
    }),
    { props: { count } },
  );

it('makes the first rows at once and the others while nothing else is to be done', async () => {
  const shown = list(26);
  expect(shown.text()).toBe('10');
  await vi.advanceTimersToNextTimerAsync();
  expect(shown.text()).toBe('20');
  await vi.runAllTimersAsync();
  expect(shown.text()).toBe('26');
  expect(vi.getTimerCount()).toBe(0);
});

it('goes on when the list grows, and stops when it is taken away', async () => {
  const shown = list(8);
  expect(vi.getTimerCount()).toBe(0);
  await shown.setProps({ count: 40 });
  await vi.runAllTimersAsync();
  expect(shown.text()).toBe('40');
  await shown.setProps({ count: 90 });
  shown.unmount();
  expect(vi.getTimerCount()).toBe(0);
});

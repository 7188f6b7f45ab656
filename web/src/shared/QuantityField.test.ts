import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { i18n } from '../app/i18n.ts';
import { useSettings } from '../stores/settings.ts';
import QuantityField from './QuantityField.vue';

beforeEach(() => {
  setActivePinia(createPinia());
});

const field = (props: Partial<InstanceType<typeof QuantityField>['$props']> = {}) =>
  mount(QuantityField, {
    props: { label: 'GVM', field: 'mass', value: undefined, ...props },
    global: { plugins: [i18n] },
  });
const type = async (wrapper: ReturnType<typeof field>, text: string) => {
  await wrapper.get('input').setValue(text);
  return wrapper;
};

describe('a field for a quantity', () => {
  it('hands over the value in kg with the words it was typed in', async () => {
    const wrapper = await type(field(), '6173 lb');
    const [value, typed] = wrapper.emitted('change')?.at(-1) as [number, string];
    expect(value).toBeCloseTo(2800.0257, 3);
    expect(typed).toBe('6173 lb');
  });

  it('writes the unit beside a bare number', async () => {
    expect((await type(field(), '2800')).emitted('change')?.at(-1)).toEqual([2800, '2800 kg']);
  });

  it('takes a bare number in the unit the owner chose', async () => {
    useSettings().massUnit = 'lb';
    const wrapper = await type(field(), '100');
    expect(wrapper.emitted('change')?.at(-1)?.[0]).toBeCloseTo(45.359237, 9);
    expect(wrapper.text()).toContain('lb');
  });

  it('asks instead of guessing, and hands nothing over', async () => {
    const wrapper = await type(field(), '1,750');
    expect(wrapper.get('[role=alert]').text()).toBe('1,750: is it 1750 or 1.75? Type one of them.');
    expect(wrapper.emitted('change')).toBeUndefined();
    expect(wrapper.get('input').attributes('aria-invalid')).toBe('true');
  });

  it.each([
    ['mass', '-5', 'from 0 to 100,000 kg'],
    ['mass', '200 t', 'from 0 to 100,000 kg'],
    ['length', '0', 'from 0.001 to 30 m'],
    ['length', '45', 'from 0.001 to 30 m'],
  ] as const)('refuses a %s of %s, which no file could hold', async (name, text, bounds) => {
    const wrapper = await type(field({ field: name }), text);
    expect(wrapper.get('[role=alert]').text()).toContain(bounds);
    expect(wrapper.emitted('change')).toBeUndefined();
  });

  it('keeps what was typed wrongly for mending, and hands over nothing as unknown', async () => {
    const wrapper = await type(field({ value: 500 }), '12 furlong');
    await wrapper.get('input').trigger('blur');
    expect(wrapper.get('input').element.value).toBe('12 furlong');
    await type(wrapper, '');
    expect(wrapper.emitted('change')?.at(-1)).toEqual([undefined, '']);
  });

  it('shows the words of a figure read in another unit', () => {
    expect(field({ value: 2800.0257, typed: '6173 lb' }).text()).toContain('typed 6173 lb');
    expect(field({ value: 2800, typed: '2800 kg' }).text()).not.toContain('typed');
  });
});

import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { i18n } from '../words/i18n.ts';
import { useSettings } from '../stores/settings.ts';
import type { Region } from '@wagonomos/core';
import { defineComponent } from 'vue';
import { providePlaceWords } from '../words/placeWords.ts';
import QuantityField from './QuantityField.vue';

beforeEach(() => {
  setActivePinia(createPinia());
});

const field = (props: Partial<InstanceType<typeof QuantityField>['$props']> = {}) =>
  mount(QuantityField, {
    props: { label: 'GVM', field: 'mass', value: undefined, ...props },
    global: { plugins: [i18n] },
  });
/** The same in a form whose owner has chosen a country. */
const fieldIn = (words: Region, props: Parameters<typeof field>[0] = {}) => {
  const form = defineComponent({
    components: { QuantityField },
    setup: () => {
      providePlaceWords(words);
      return { props: { label: 'GVM', field: 'mass', value: undefined, ...props } };
    },
    template: '<QuantityField v-bind="props" />',
  });
  return mount(form, { global: { plugins: [i18n] } }).getComponent(QuantityField);
};
const type = async <Mounted extends Pick<ReturnType<typeof field>, 'get'>>(wrapper: Mounted, text: string) => {
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
    expect(wrapper.get('[role=alert]').text()).toBe('1,750: is it 1750 or 1.75?');
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

  it('asks about a point where a paper may group by it, and takes what is pressed', async () => {
    const wrapper = await type(fieldIn('eu'), '3.540 kg');
    expect(wrapper.emitted('change')).toBeUndefined();
    const buttons = wrapper.findAll('button');
    expect(buttons.map((one) => one.text())).toEqual(['3540 kg', '3.54 kg']);
    await buttons[0]!.trigger('click');
    expect(wrapper.emitted('change')?.at(-1)).toEqual([3540, '3540 kg']);
    expect(wrapper.find('[role=alert]').exists()).toBe(false);
  });

  it('asks too where nobody has said whose paper it is, and not in the words of Britain', async () => {
    expect((await type(field(), '3.540')).emitted('change')).toBeUndefined();
    expect((await type(fieldIn('uk'), '3.540')).emitted('change')?.at(-1)?.[0]).toBe(3.54);
  });

  it('does not ask where one of two readings is out of all bounds', async () => {
    expect((await type(fieldIn('eu', { field: 'length' }), '2.850')).emitted('change')?.at(-1)?.[0]).toBe(2.85);
    expect((await type(fieldIn('eu', { field: 'length' }), '2,850')).emitted('change')?.at(-1)?.[0]).toBe(2.85);
  });

  it.each([
    ['3.54', null, ['3540 kg', '3.54 kg']],
    ['3.5 kg', null, ['3500 kg', '3.5 kg']],
    ['1.23 t', null, null],
    ['45.5', null, null],
    ['2.24', 2750, ['2240 kg', '2.24 kg']],
    ['12.5', 2750, null],
    ['3540', null, null],
  ] as const)('%s beside a plate of %s asks for %j', async (text, plated, asked) => {
    const wrapper = await type(fieldIn('uk', { plated }), text);
    const buttons = wrapper.findAll('button');
    expect(buttons.map((one) => one.text())).toEqual(asked ?? []);
    if (asked === null) return expect(wrapper.emitted('change')).toHaveLength(1);
    await buttons[1]!.trigger('click');
    expect(wrapper.emitted('change')?.at(-1)?.[0]).toBeCloseTo(Number.parseFloat(asked[1]), 9);
  });
});

import { mount } from '@vue/test-utils';
import { ElCheckbox, ElSelect } from 'element-plus';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Licence } from '@wagonomos/core';
import { i18n } from './i18n.ts';
import LicenceForm from './LicenceForm.vue';

beforeEach(() => {
  setActivePinia(createPinia());
});
const form = (licence?: Licence) => mount(LicenceForm, { props: { licence }, global: { plugins: [i18n] } });
const select = (wrapper: ReturnType<typeof form>, label: string) =>
  wrapper
    .findAllComponents(ElSelect)
    .find((one) => one.attributes('aria-label') === label || one.props('ariaLabel') === label);
const last = (wrapper: ReturnType<typeof form>) => wrapper.emitted('change')?.at(-1)?.[0];

describe('what the driver holds', () => {
  it('need not be said', () => {
    expect(form().findAllComponents(ElSelect)).toHaveLength(1);
  });

  it('starts with the car class of whoever issued it, and can be taken back', () => {
    const wrapper = form();
    select(wrapper, 'Licence issued in')?.vm.$emit('change', 'AU');
    expect(last(wrapper)).toEqual({ issuer: 'AU', classes: ['auC'] });
    select(wrapper, 'Licence issued in')?.vm.$emit('change', 'FR');
    expect(last(wrapper)).toEqual({ issuer: 'FR', classes: ['B'] });
    select(wrapper, 'Licence issued in')?.vm.$emit('change', '');
    expect(last(wrapper)).toBeUndefined();
  });

  it('asks for the stage in Australia only, and for the old test in Britain only', async () => {
    const wrapper = form({ issuer: 'AU', classes: ['auC'], novice: 'p1' });
    expect(wrapper.findComponent(ElCheckbox).exists()).toBe(false);
    select(wrapper, 'Stage')?.vm.$emit('change', '');
    expect(last(wrapper)).toEqual({ issuer: 'AU', classes: ['auC'] });
    await wrapper.setProps({ licence: { issuer: 'GB', classes: ['B'] } });
    expect(select(wrapper, 'Stage')).toBeUndefined();
    wrapper.getComponent(ElCheckbox).vm.$emit('change', true);
    expect(last(wrapper)).toEqual({ issuer: 'GB', classes: ['B'], before1997: true });
  });
});

import { mount } from '@vue/test-utils';
import { ElInputNumber, ElSelect } from 'element-plus';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Licence } from '@wagonomos/core';
import { i18n } from '../words/i18n.ts';
import { useToday } from '../stores/today.ts';
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

  it('asks for the stage in Australia only, and when the test was in Britain only', async () => {
    const wrapper = form({ issuer: 'AU', classes: ['auC'], novice: 'p1', age: 19 });
    expect(select(wrapper, 'Car test passed')).toBeUndefined();
    expect(select(form({ issuer: 'DE', classes: ['BE'] }), 'Car test passed')).toBeDefined();
    expect(select(wrapper, 'Codes on the licence')).toBeUndefined();
    select(wrapper, 'Stage')?.vm.$emit('change', '');
    expect(last(wrapper)).toEqual({ issuer: 'AU', classes: ['auC'], age: 19 });
    await wrapper.setProps({ licence: { issuer: 'GB', classes: ['B'] } });
    expect(select(wrapper, 'Stage')).toBeUndefined();
    select(wrapper, 'Car test passed')?.vm.$emit('change', 'before1997');
    expect(last(wrapper)).toEqual({ issuer: 'GB', classes: ['B'], tested: 'before1997' });
  });

  it('takes codes and age, and takes them back without leaving a trace', async () => {
    const wrapper = form({ issuer: 'DE', classes: ['B'] });
    expect(select(wrapper, 'Car test passed')).toBeUndefined();
    expect(select(form({ issuer: 'DE', classes: ['BE'] }), 'Car test passed')).toBeDefined();
    select(wrapper, 'Codes on the licence')?.vm.$emit('change', ['79']);
    expect(last(wrapper)).toEqual({ issuer: 'DE', classes: ['B'], codes: ['79'] });
    wrapper.getComponent(ElInputNumber).vm.$emit('change', 71);
    // An age is of the day it was said.
    const ageOn = useToday().day;
    expect(last(wrapper)).toEqual({ issuer: 'DE', classes: ['B'], age: 71, ageOn });
    await wrapper.setProps({ licence: { issuer: 'DE', classes: ['B'], codes: ['79'], age: 71 } });
    wrapper.getComponent(ElInputNumber).vm.$emit('change', undefined, 71);
    select(wrapper, 'Codes on the licence')?.vm.$emit('change', []);
    expect(last(wrapper)).toEqual({ issuer: 'DE', classes: ['B'], age: 71 });
    expect(wrapper.emitted('change')?.at(-2)?.[0]).toEqual({ issuer: 'DE', classes: ['B'], codes: ['79'] });
  });
});

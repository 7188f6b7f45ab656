import { kilograms, message, term, verbatim } from '@wagonomos/core';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { i18n } from './i18n.ts';
import { useArithmetic } from '../stores/arithmetic.ts';
import { useSettings } from '../stores/settings.ts';
import MessageText from './MessageText.vue';
import TermWord from './TermWord.vue';

beforeEach(() => {
  setActivePinia(createPinia());
});
const sentence = message('verdict.withinFirst', {
  room: kilograms(86.7, 'margin', 'axle.rear'),
  place: verbatim('<b>front</b>'),
  limit: message('check.limit', { limit: term('trailerMax') }),
});
const shown = () => mount(MessageText, { props: { message: sentence }, global: { plugins: [i18n] } });

describe('a message on screen', () => {
  it('speaks the region’s word, rounds a margin down and shows an owner’s words as they are', () => {
    expect(shown().text()).toBe('Within every limit: 86 kg more in <b>front</b> and the MTPLM is full.');
  });

  it('opens the arithmetic of its number', async () => {
    const wrapper = shown();
    await wrapper.get('button').trigger('click');
    expect(useArithmetic().openId).toBe('axle.rear');
  });

  it('follows the owner’s unit', () => {
    useSettings().massUnit = 'lb';
    expect(shown().text()).toContain('191 lb');
  });

  it('hands a term to the word that explains itself', () => {
    expect(shown().getComponent(TermWord).props()).toMatchObject({ term: 'trailerMax', text: 'MTPLM' });
  });
});

import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import { i18n } from '../words/i18n.ts';
import CodeField from './CodeField.vue';

/** What is handed over comes back as the value, as from the document. */
const field = (value?: string) => {
  const wrapper: VueWrapper = mount(CodeField, {
    props: {
      label: 'Load index',
      value,
      pattern: /^\d{2,3}(\/\d{2,3})?$/,
      problem: 'Write it as 104 or 107/105.',
      onChange: (next: string | undefined) => void wrapper.setProps({ value: next }),
    },
    global: { plugins: [i18n, createPinia()] },
  });
  return wrapper;
};
const type = async (wrapper: ReturnType<typeof field>, text: string) => {
  await wrapper.get('input').setValue(text);
  await wrapper.get('input').trigger('blur');
};

describe('a field for a mark off a wall', () => {
  it('hands over what can be one, in capitals and trimmed', async () => {
    const wrapper = field();
    await type(wrapper, ' 107/105 ');
    expect(wrapper.emitted('change')).toEqual([['107/105']]);
  });

  it('keeps what cannot be one where it was typed, says how to write it and hands nothing over', async () => {
    const wrapper = field('104');
    await type(wrapper, 'one hundred');
    expect(wrapper.emitted('change')).toBeUndefined();
    expect(wrapper.get('[role=alert]').text()).toBe('Write it as 104 or 107/105.');
    expect(wrapper.get('input').element.value).toBe('one hundred');
    await type(wrapper, '');
    expect(wrapper.emitted('change')).toEqual([[undefined]]);
  });

  it('follows an undo', async () => {
    const wrapper = field('104');
    await wrapper.setProps({ value: '98' });
    expect(wrapper.get('input').element.value).toBe('98');
  });
});

import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { i18n } from '../app/i18n.ts';
import CodeField from './CodeField.vue';

const field = (value?: string) =>
  mount(CodeField, {
    props: { label: 'Load index', value, pattern: /^\d{2,3}(\/\d{2,3})?$/, problem: 'Write it as 104 or 107/105.' },
    global: { plugins: [i18n] },
  });
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

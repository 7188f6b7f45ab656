import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { ElDatePicker } from 'element-plus';
import { beforeEach, describe, expect, it } from 'vitest';
import { i18n } from '../words/i18n.ts';
import DayField from './DayField.vue';

beforeEach(() => setActivePinia(createPinia()));

async function typed(text: string, value?: string) {
  const wrapper = mount(DayField, {
    props: { label: 'Day', value },
    global: { plugins: [i18n], components: { ElDatePicker } },
    attachTo: document.body,
  });
  const input = wrapper.get('input');
  await input.setValue(text);
  await input.trigger('change');
  return wrapper;
}

describe('a field for a day', () => {
  it('takes a day as it is typed', async () => {
    expect((await typed('28 Feb 2027')).emitted('change')).toEqual([['2027-02-28']]);
    expect((await typed('29 Feb 2028')).emitted('change')).toEqual([['2028-02-29']]);
    expect((await typed('05 Nov 2026')).emitted('change')).toEqual([['2026-11-05']]);
  });

  it.each(['29 Feb 2027', '31 Apr 2027'])('says that there is no %s, and takes no other day for it', async (text) => {
    const wrapper = await typed(text, '2026-05-01');
    expect(wrapper.emitted('change')).toBeUndefined();
    expect(wrapper.get('[role=alert]').text()).toBe(`“${text}”: there is no such day.`);
  });

  it('takes an emptied field for a day left open', async () => {
    expect((await typed('', '2026-05-01')).emitted('change')).toEqual([[undefined]]);
  });
});

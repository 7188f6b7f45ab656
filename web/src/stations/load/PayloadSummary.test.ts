import { readParsed } from '@wagonomos/core/files';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import brolga from '../../../../examples/australian-ute-camper-and-boat.wagonomos.json';
import { i18n } from '../../words/i18n.ts';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PayloadSummary from './PayloadSummary.vue';

beforeEach(() => {
  setActivePinia(createPinia());
  const read = readParsed(brolga);
  if (read.ok) useWorkspace().document = read.workspace;
  useRig().rigId = 'brolga';
});
const shown = () => mount(PayloadSummary, { global: { plugins: [i18n] } });
const figure = (text: string) => Number(text.replaceAll(',', '').replace('−', '-'));

describe('what is left of an allowance', () => {
  it('is the maximum less every line, so that nothing is forgotten', () => {
    for (const sheet of shown().findAll('table')) {
      const values = sheet.findAll('td.num').map((cell) => figure(cell.text()));
      const left = values.at(-1) ?? NaN;
      const sum = values.slice(0, -1).reduce((all, one) => all + one, 0);
      // Each line is rounded by itself.
      expect(Math.abs(sum - left), sheet.text()).toBeLessThanOrEqual(values.length / 2);
    }
  });

  it('counts a camper as a line of its own, and every number opens its arithmetic', async () => {
    const wrapper = shown();
    const camper = wrapper.findAll('tr').find((row) => row.text().startsWith('camper'));
    expect(figure(camper?.get('td').text() ?? '')).toBeLessThan(-800);
    await camper?.get('button').trigger('click');
    expect(useArithmetic().openId).toBe('payload:vehicle/camper');
  });
});

import { flushPromises, mount } from '@vue/test-utils';
import { ElCheckbox } from 'element-plus';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { assess } from '@wagonomos/core';
import { addCase } from '@wagonomos/core/edits';
import { applyPackages, examplePackages, placePackages, type UprateCase } from '@wagonomos/core/uprating';
import van from '../../../../examples/british-van-with-scooter.wagonomos.json';
import motorhome from '../../../../examples/german-motorhome.wagonomos.json';
import QuantityField from '../../fields/QuantityField.vue';
import TextLine from '../../fields/TextLine.vue';
import { atStation } from '../../testing/station.ts';
import CaseSheet from './CaseSheet.vue';
import CertifierAsk from './CertifierAsk.vue';
import ChangesSheet from './ChangesSheet.vue';
import ConsequenceTable from './ConsequenceTable.vue';
import NewPlate from './NewPlate.vue';
import OthersSheet from './OthersSheet.vue';

const springs = examplePackages
  .filter(({ id }) => id === 'airSprings')
  .map((one) => ({ ...one, name: 'Air springs', currency: 'GBP' }));
const begun: UprateCase = {
  id: 'air',
  rig: 'sandpiper',
  name: 'Air springs',
  begun: '2026-10-01',
  packages: springs,
  steps: [],
  certified: [],
};

async function caseSheet() {
  const at = await atStation(van, 'sandpiper', '?sheet=case');
  at.workspace.edit('app.edit.addCase', (document) => addCase(document, begun));
  const wrapper = mount(CaseSheet, {
    props: { view: at.view(), assessment: at.assessment() },
    global: { plugins: [...at.plugins] },
  });
  const refresh = async () => {
    await flushPromises();
    await wrapper.setProps({ view: at.view(), assessment: at.assessment() });
  };
  const step = (name: string) => wrapper.get(`[data-test="step-vehicle.${name}"]`);
  const tick = async (name: string) => {
    wrapper
      .findAllComponents(ElCheckbox)
      .find((one) => step(name).element.contains(one.element as Node))
      ?.vm.$emit('change', true);
    await refresh();
  };
  const apply = () => wrapper.get('[data-test="case-apply"] button');
  return { ...at, wrapper, refresh, step, tick, apply };
}

describe('the case file', () => {
  it('takes new plates over only with certificate, entry, plate and every figure', async () => {
    const { wrapper, workspace, refresh, step, tick, apply } = await caseSheet();
    expect(apply().attributes('disabled')).toBeDefined();
    for (const name of ['certificate', 'entry', 'plate']) await tick(name);
    await step('certificate').get('button.more').trigger('click');
    const who = wrapper.findAllComponents(TextLine).find((one) => one.props('label') === 'Who did it or does it');
    who?.vm.$emit('change', 'An engineer');
    await refresh();
    expect(wrapper.get('[data-test="case-apply"]').text()).toContain('GVW: not read off the new plate yet');
    for (const [at, value] of [3570, 2220].entries()) {
      const fields = wrapper.findComponent(NewPlate).findAllComponents(QuantityField);
      fields[at]?.vm.$emit('change', value, String(value));
      await refresh();
    }
    expect(wrapper.get('[data-test="new-plate"]').text()).toContain('not what was expected');
    expect(apply().attributes('disabled')).toBeUndefined();
    await apply().trigger('click');
    await refresh();
    expect(workspace.document?.bodies[0]?.formerPlates).toHaveLength(1);
    expect(wrapper.text()).toContain('The new plates hold');
    workspace.undo();
    expect(workspace.document?.bodies[0]?.formerPlates).toBeUndefined();
  });

  it('says whose each step is and what decides, and is thrown away with one stroke that can be undone', async () => {
    const { wrapper, workspace, refresh, step } = await caseSheet();
    expect(step('entry').text()).toContain('registration authority');
    expect(step('entry').text()).toContain('decides');
    expect(step('insurer').text()).not.toContain('decides');
    await wrapper.get('[aria-label="Throw the case away"]').trigger('click');
    await refresh();
    expect(wrapper.text()).toContain('No case yet');
    workspace.undo();
    expect(workspace.document?.cases).toHaveLength(1);
  });
});

describe('the certifier stand-in', () => {
  afterEach(() => vi.unstubAllGlobals());
  const ask = async (answers: readonly Response[]) => {
    const at = await atStation(van, 'sandpiper');
    const left = [...answers];
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.resolve(left.shift() ?? new Response(null, { status: 500 }))),
    );
    const wrapper = mount(CertifierAsk, {
      props: { view: at.view(), packages: springs },
      global: { plugins: [...at.plugins] },
    });
    const before = at.workspace.document;
    await wrapper.get('button').trigger('click');
    await flushPromises();
    expect(at.workspace.document).toBe(before);
    return wrapper;
  };
  const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });

  it('marks every answer as a simulation and leaves the document alone', async () => {
    const offers = [{ kind: 'refused', name: 'Air springs', reason: 'aboveParts', limit: 'rearAxleMax', most: 2200 }];
    const wrapper = await ask([json({ id: 'q' }, 202), json({ simulation: true, offers })]);
    expect(wrapper.text()).toContain('Simulation');
    expect(wrapper.text()).toContain('rear axle would be above what a part bears, 2,200 kg');
  });

  it.each([
    ['cannot be reached', [new Response(null, { status: 503 })]],
    ['answers nonsense', [json({ id: 'q' }, 202), json({ plates: [] })]],
  ])('says so when the server %s', async (_title, answers) => {
    expect((await ask(answers)).get('[role="alert"]').text()).toContain('cannot be reached');
  });
});

describe('before and after', () => {
  it('words nothing of low confidence as law, and names whom to ask', async () => {
    const at = await atStation(motorhome, 'bachstelze');
    const down = examplePackages
      .filter(({ id }) => id === 'downrate3500')
      .map((one) => ({ ...one, name: 'Down', currency: 'EUR' }));
    const after = assess(applyPackages(at.view(), placePackages(at.view(), down)));
    const wrapper = mount(ConsequenceTable, {
      props: { view: at.view(), before: at.assessment(), after },
      global: { plugins: [...at.plugins] },
    });
    const rows = wrapper.findAll('tbody tr');
    const low = rows.filter((row) => row.classes('low'));
    expect(low.length).toBeGreaterThan(0);
    for (const row of low) {
      expect(row.text()).toContain('Said, but not known for certain');
      expect(row.text()).toContain('check with');
    }
    for (const row of rows) expect(row.get('.from').text()).not.toBe('');
  });

  it('says that a figure above the axles could not be certified', async () => {
    const shown = async (query: string) => {
      const at = await atStation(van, 'sandpiper', query);
      return mount(ChangesSheet, {
        props: { view: at.view(), assessment: at.assessment() },
        global: { plugins: [...at.plugins] },
      });
    };
    expect((await shown('?plate=4000')).get('[data-test="unborne"]').text()).toContain('3,710 kg');
    expect((await shown('?plate=3600')).find('[data-test="unborne"]').exists()).toBe(false);
  });
});

it('another way is kept as a loadout with the verdict it had', async () => {
  const at = await atStation(motorhome, 'bachstelze', '?sheet=others&with=downrate3500');
  const wrapper = mount(OthersSheet, {
    props: { view: at.view(), assessment: at.assessment() },
    global: { plugins: [...at.plugins] },
  });
  const dry = wrapper.get('[data-test="other-dry"]');
  expect(dry.text()).toContain('Licence and speed stay as they are');
  await dry.get('button:last-of-type').trigger('click');
  await flushPromises();
  expect(at.view().loadout.name).toBe('With empty tanks');
  expect(at.router.currentRoute.value.name).toBe('load');
});

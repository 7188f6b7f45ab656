import { flushPromises, mount } from '@vue/test-utils';
import { ElCheckbox, ElSelect } from 'element-plus';
import { describe, expect, it } from 'vitest';
import van from '../../../../examples/british-van-with-scooter.wagonomos.json';
import motorhome from '../../../../examples/german-motorhome.wagonomos.json';
import { addQuote } from '@wagonomos/core/edits';
import { examplePackages, type Quote } from '@wagonomos/core/uprating';
import { atStation } from '../../testing/station.ts';
import BenchStrip from './BenchStrip.vue';
import PackageTable from './PackageTable.vue';
import QuoteCosts from './QuoteCosts.vue';
import QuoteLimits from './QuoteLimits.vue';

const named = (id: string, currency = 'GBP') => {
  const one = examplePackages.find((entry) => entry.id === id);
  if (!one) throw new Error(id);
  return { ...one, name: id, currency };
};
const quote: Quote = { ...named('airSprings'), id: 'own', name: 'Own springs', rig: 'sandpiper', from: 'A workshop' };

async function table(query = '', ids = ['paper', 'airSprings', 'rearAxle']) {
  const at = await atStation(van, 'sandpiper', query);
  const wrapper = mount(PackageTable, {
    props: { name: 'packages', view: at.view(), assessment: at.assessment(), offers: ids.map((id) => named(id)) },
    global: { plugins: [...at.plugins] },
  });
  const row = (name: string) => wrapper.findAll('tbody').find((one) => one.text().includes(name));
  return { ...at, wrapper, row };
}

describe('packages on the bench', () => {
  it('say what they gain, what they weigh and what runs out first, the best worth first', async () => {
    const { wrapper, row } = await table();
    expect(wrapper.findAll('tbody')[0]?.text()).toContain('airSprings');
    expect(row('airSprings')?.text()).toContain('Weighs 24 kg itself');
    expect(row('paper')?.text()).toContain('Gains nothing: rear axle runs out first');
    expect(row('airSprings')?.text()).toContain('Passes 3,500 kg');
  });

  it('go onto the bench by their tick, and put off what cannot be had beside them', async () => {
    const { router, row } = await table('?with=paper&sheet=packages');
    row('airSprings')?.findComponent(ElCheckbox).vm.$emit('change', true);
    await flushPromises();
    expect(router.currentRoute.value.query).toEqual({ with: 'airSprings', sheet: 'packages' });
    row('airSprings')?.findComponent(ElCheckbox).vm.$emit('change', false);
    await flushPromises();
    expect(router.currentRoute.value.query['with']).toBeUndefined();
  });

  it('open their record: limits, cost lines and way', async () => {
    const { row } = await table();
    await row('airSprings')?.get('button.more').trigger('click');
    const text = row('airSprings')?.text() ?? '';
    expect(text).toContain('GVW up by 280 kg');
    expect(text).toContain('parts: 1,150 GBP, tax in it');
    expect(text).toContain('certified workshop');
  });

  it('leave a plate to be tried beside them, and say together what they cost', async () => {
    const at = await atStation(van, 'sandpiper', '?with=airSprings,frontSprings&plate=3600');
    const strip = mount(BenchStrip, { props: { view: at.view() }, global: { plugins: [...at.plugins] } });
    expect(strip.text()).toContain('A plate of 3,600 kg');
    expect(strip.text()).toContain('3,180 GBP');
    const off = strip.findAll('li button').find((one) => one.attributes('aria-label')?.includes('A plate of'));
    await off?.trigger('click');
    await flushPromises();
    expect(at.router.currentRoute.value.query).toEqual({ with: 'airSprings,frontSprings' });
  });

  it('add no money of different kinds, and say when tax comes on top', async () => {
    const at = await atStation(van, 'sandpiper', '?with=own,frontSprings');
    const untaxed = quote.costs.map((line) => ({ ...line, taxIncluded: false }));
    const strip = mount(BenchStrip, { props: { view: at.view() }, global: { plugins: [...at.plugins] } });
    const set = async (own: Quote) => {
      at.workspace.edit('app.edit.quote', (document) => addQuote({ ...document, quotes: [] }, own));
      await flushPromises();
    };
    await set({ ...quote, costs: untaxed });
    expect(strip.text()).toContain('3,180 GBP + tax');
    await set({ ...quote, currency: 'EUR' });
    expect(strip.find('li.num').exists()).toBe(false);
  });
});

describe('a quote', () => {
  it('sets a limit to a figure, up or down by so much, on its own plate or that of a part', async () => {
    const { plugins } = await atStation(van, 'sandpiper');
    const wrapper = mount(QuoteLimits, { props: { quote }, global: { plugins: [...plugins] } });
    const last = () => (wrapper.emitted('change')?.at(-1)?.[0] as Quote['limits'])[0];
    const select = (label: string) =>
      wrapper.findAllComponents(ElSelect).find((one) => one.props('ariaLabel') === label)?.vm;
    select('How, limit 1')?.$emit('change', 'to');
    expect(last()).toEqual({ limit: 'vehicleMax', to: 280 });
    select('How, limit 1')?.$emit('change', 'less');
    expect(last()).toEqual({ limit: 'vehicleMax', by: -280 });
    select('Whose plate, limit 1')?.$emit('change', 'axle');
    expect(last()).toEqual({ limit: 'vehicleMax', by: 280, part: 'axle' });
    select('Whose plate, limit 1')?.$emit('change', '');
    expect(last()).toEqual({ limit: 'vehicleMax', by: 280 });
  });

  it('keeps its cost lines apart, the next of a kind not yet there', async () => {
    const { plugins } = await atStation(van, 'sandpiper');
    const one = { ...quote, costs: [{ kind: 'certifier' as const, amount: 90, taxIncluded: true }] };
    const wrapper = mount(QuoteCosts, { props: { quote: one }, global: { plugins: [...plugins] } });
    await wrapper.get('.foot button').trigger('click');
    expect(wrapper.emitted('change')?.[0]?.[0]).toEqual([
      { kind: 'certifier', amount: 90, taxIncluded: true },
      { kind: 'parts', amount: 0, taxIncluded: true },
    ]);
    wrapper.findComponent(ElCheckbox).vm.$emit('change', false);
    expect(wrapper.emitted('change')?.[1]?.[0]).toEqual([{ kind: 'certifier', amount: 90, taxIncluded: false }]);
  });
});

it('a downrate is offered only where it lowers something', async () => {
  const at = await atStation(motorhome, 'bachstelze');
  const offers = [named('downrate3500', 'EUR')];
  const wrapper = mount(PackageTable, {
    props: { name: 'packages', view: at.view(), assessment: at.assessment(), offers },
    global: { plugins: [...at.plugins] },
  });
  expect(wrapper.text()).toContain('Costs capacity: then over by 86 kg');
  const { wrapper: onVan } = await table('', ['downrate3500']);
  expect(onVan.text()).not.toContain('downrate3500');
});

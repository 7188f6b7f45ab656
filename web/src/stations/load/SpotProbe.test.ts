import { viewRig, type RigView } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import { roomAt } from '@wagonomos/core/limits';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import brolga from '../../../../examples/australian-ute-camper-and-boat.wagonomos.json';
import { i18n } from '../../words/i18n.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import SpotProbe from './SpotProbe.vue';

let view: RigView;
beforeEach(() => {
  setActivePinia(createPinia());
  const read = readParsed(brolga);
  if (!read.ok) throw new Error('the example can be read');
  useWorkspace().document = read.workspace;
  useRig().rigId = 'brolga';
  view = viewRig(read.workspace, 'brolga')!;
});
const shown = () => mount(SpotProbe, { props: { view }, global: { plugins: [i18n] } });
const at = async (wrapper: ReturnType<typeof shown>, x: string) => {
  await wrapper.get('input[inputmode=decimal]').setValue(x);
  return wrapper.get('[data-test=probe]').text();
};

describe('how much more at a spot', () => {
  it('says what core says, and which limit would be the first', async () => {
    const checks = useRig().assessment?.checks ?? [];
    const room = roomAt(checks, { side: 'vehicle', x: 3 });
    const text = await at(shown(), '3');
    expect(room).toMatchObject({ kind: 'room', binding: { id: 'axle.rear' } });
    expect(text).toBe(`${Math.floor(room.kind === 'room' ? (room.most ?? 0) : 0)} kg more here, then: rear axle.`);
  });

  it('shows its line in the drawing while it is open, and takes it away', async () => {
    const wrapper = shown();
    expect(useRig().probe).toBeNull();
    const details = wrapper.get('details').element as HTMLDetailsElement;
    details.open = true;
    await wrapper.get('details').trigger('toggle');
    await at(wrapper, '1.5');
    expect(useRig().probe).toMatchObject({ side: 'vehicle', x: 1.5 });
    wrapper.unmount();
    expect(useRig().probe).toBeNull();
  });
});

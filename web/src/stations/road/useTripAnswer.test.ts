import { viewRig } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import { answerTrip, type Section, type TripQuestion } from '@wagonomos/core/road';
import { effectScope, shallowRef } from 'vue';
import { describe, expect, it, vi } from 'vitest';
import wagon from '../../../../examples/australian-wagon-and-tandem.wagonomos.json';
import { useTripAnswer, type AskedTrip } from './useTripAnswer.ts';

const read = readParsed(wagon);
if (!read.ok) throw new Error('the example can be read');
const view = viewRig(read.workspace, read.workspace.rigs[0]?.id ?? '');
if (!view) throw new Error('the example has a rig');
const start = view;

const drives = (count: number, km: number): readonly Section[] =>
  Array.from({ length: count }, (_, n) => ({ id: `d${n}`, kind: 'drive', km }));
const asks = (id: string, sections: readonly Section[]): AskedTrip => ({
  id,
  question: { start, trip: {}, sections, behind: [] },
});
const plain = (question: TripQuestion) => structuredClone(answerTrip(question));

describe('a trip reckoned for those who show it', () => {
  it('a short one is there at once, and never old', () => {
    const asked = shallowRef<AskedTrip | null>(asks('a', drives(5, 100)));
    const { answer, reckoning } = effectScope().run(() => useTripAnswer(() => asked.value))!;
    expect(answer.value?.reckoned.sections).toHaveLength(5);
    asked.value = asks('a', drives(6, 100));
    expect(answer.value?.reckoned.sections).toHaveLength(6);
    expect(reckoning.value).toBe(false);
  });

  it('a long one is old until the last question is answered, and is then what is reckoned at once', async () => {
    const asked = shallowRef<AskedTrip | null>(asks('a', drives(30, 100)));
    const { answer, reckoning } = effectScope().run(() => useTripAnswer(() => asked.value))!;
    expect([answer.value, reckoning.value]).toEqual([null, true]);
    await vi.waitFor(() => expect(reckoning.value).toBe(false));
    expect(structuredClone(answer.value)).toEqual(plain(asked.value!.question));

    asked.value = asks('a', drives(31, 100));
    asked.value = asks('a', drives(32, 50));
    expect(answer.value?.reckoned.sections).toHaveLength(30);
    expect(reckoning.value).toBe(true);
    await vi.waitFor(() => expect(reckoning.value).toBe(false));
    expect(structuredClone(answer.value)).toEqual(plain(asked.value.question));
  });

  it('what was reckoned of one trip is not shown of another, nor of none', async () => {
    const asked = shallowRef<AskedTrip | null>(asks('a', drives(30, 100)));
    const { answer, reckoning } = effectScope().run(() => useTripAnswer(() => asked.value))!;
    await vi.waitFor(() => expect(answer.value).not.toBeNull());
    asked.value = asks('b', drives(30, 10));
    expect([answer.value, reckoning.value]).toEqual([null, true]);
    asked.value = null;
    expect([answer.value, reckoning.value]).toEqual([null, false]);
  });
});

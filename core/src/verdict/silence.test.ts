import { describe, expect, it } from 'vitest';
import { binds, comparesLoad, type Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { flat } from '../testing/flat.ts';
import { chances } from '../testing/chances.ts';
import { shuffledRig } from '../testing/shuffledRig.ts';
import { assess } from './assess.ts';
import { verdictLevel, legality } from './verdictLevel.ts';
import { openQuestions } from './openQuestions.ts';

const ute = exampleView('australian-ute-camper-and-boat');
const caravan = exampleView('second-hand-caravan-alone');
const withTrailer = (view: RigView, more: object): RigView => ({
  ...view,
  trailer: view.trailer && { ...view.trailer, ...more },
});

describe('silence', () => {
  it('of a breakaway brake, of chains, of tyres leaves a rig open, and its masses are told all the same', () => {
    const gear = ute.trailer?.gear?.map((one) => ({ ...one, speedSymbol: undefined }));
    for (const view of [
      withTrailer(ute, { gear }),
      withTrailer(ute, { chains: undefined, chainCount: undefined }),
      caravan,
    ]) {
      const { legal, mark, sentence, checks } = assess(view);
      expect([legal, mark]).toEqual([null, 'open']);
      expect(flat(sentence)).toMatch(/^verdict\.open .*what=\(?verdict\.masses/);
      expect(openQuestions(checks)).toHaveLength(1);
    }
  });

  it('is no question where nobody described any gear, nor where no licence was stated', () => {
    expect(assess(withTrailer(ute, { gear: undefined })).legal).toBe(true);
    expect(assess(ute).checks.some(({ id }) => id.startsWith('people.licence'))).toBe(false);
  });

  it('is never read as within: whatever legal check is unknown, nothing is called legal, and no mass is called known that is not', () => {
    const random = chances(3);
    const seen = new Set<string>();
    for (let n = 0; n < 600; n += 1) {
      const view = forgetful(shuffledRig(random), random);
      const { legal, mark, sentence, checks } = assess(view);
      const open = checks.filter(({ kind, status }) => kind === 'legal' && status === 'unknown');
      const openLoads = checks.filter((check) => binds(check) && comparesLoad(check) && check.status === 'unknown');
      const text = flat(sentence);
      seen.add(mark);
      if (open.length > 0) expect(legal, open[0]?.id).not.toBe(true);
      if (open.length > 0 || openLoads.length > 0) expect(text).not.toMatch(/verdict\.within/);
      if (openLoads.length > 0) expect(text).not.toMatch(/verdict\.masses/);
      if (checks.some(({ kind, status }) => status === 'over' && (kind === 'legal' || kind === 'maker')))
        expect(text).not.toMatch(/verdict\.(within|masses)/);
    }
    expect([...seen]).toEqual(expect.arrayContaining(['open', 'undecided', 'over', 'maker']));
  });

  it('of a maker’s limit is said, and a maker’s breach comes before questions', () => {
    const source = { confidence: 'high' } as Check['source'];
    const legal = { kind: 'legal', status: 'within', quantity: 'vehicleTotal', source } as const;
    const of = (...list: Partial<Check>[]) => {
      const checks = list.map((one) => ({ ...caravan, ...one }) as unknown as Check);
      return [legality(checks), verdictLevel(legality(checks), checks)];
    };
    const asked = { kind: 'legal', status: 'unknown', quantity: 'answer' } as const;
    expect(of(legal)).toEqual([true, 'legal']);
    expect(of(legal, asked)).toEqual([null, 'open']);
    expect(of(legal, { ...asked, kind: 'guidance' })).toEqual([true, 'legal']);
    expect(of(legal, { kind: 'maker', status: 'unknown', quantity: 'rearAxle' })).toEqual([true, 'open']);
    expect(of(legal, { kind: 'legal', status: 'unknown', quantity: 'ballLoad' })).toEqual([null, 'undecided']);
    expect(of(legal, asked, { kind: 'maker', status: 'over', quantity: 'place' })).toEqual([null, 'maker']);
    expect(of({ ...asked, status: 'over', source }, asked)).toEqual([false, 'over']);
  });
});

/** A rig of which somebody has forgotten to say some of what is asked. */
function forgetful(view: RigView, { often }: ReturnType<typeof chances>): RigView {
  const without = <Of extends object>(of: Of | undefined, keys: readonly string[]): Of | undefined =>
    of && (Object.fromEntries(Object.entries(of).filter(([key]) => !keys.includes(key) || often(0.6))) as Of);
  return {
    ...view,
    vehicle: without(view.vehicle, ['brakeController', 'gear', 'emptyMass']),
    trailer: without(view.trailer, ['chains', 'breakaway', 'brakeKind', 'gear', 'emptyMass']),
  };
}

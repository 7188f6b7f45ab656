import { describe, expect, it } from 'vitest';
import cases from '../testing/cases/hitch.json' with { type: 'json' };
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { exampleView } from '../testing/examples.ts';
import { archExpected, hitchPlan, perStep } from './hitchSettings.ts';

const [all, half] = cases as unknown as readonly { given: CaseRig; expect: Record<string, number> }[];

describe('setting a distribution hitch', () => {
  it('comes to the worked cases: half of it and all of it', () => {
    if (!all || !half) throw new Error('there are cases');
    const plan = hitchPlan(caseView(half.given));
    for (const [at, { expect: wanted }] of [
      [1, half],
      [2, all],
    ] as const) {
      const setting = plan?.settings[at];
      expect(setting?.front).toBeCloseTo(wanted['R_front'] ?? NaN, 3);
      expect(setting?.rear).toBeCloseTo(wanted['R_rear'] ?? NaN, 3);
      expect(setting?.trailerAxles).toBeCloseTo(wanted['G'] ?? NaN, 3);
      expect(setting?.coupling).toBeCloseTo(wanted['B'] ?? NaN, 3);
      expect(setting?.couple).toBeCloseTo(wanted['T'] ?? NaN, 2);
    }
    expect(plan?.ball).toBeCloseTo(all.expect['B_undistributed'] ?? NaN, 3);
  });

  it('moves load and makes none; all of it brings the front axle back to what it carries alone', () => {
    const plan = hitchPlan(exampleView('australian-wagon-and-tandem'));
    const totals = plan?.settings.map(({ front, rear, trailerAxles }) => front + rear + trailerAxles) ?? [];
    expect(totals).toHaveLength(3);
    for (const total of totals) expect(total).toBeCloseTo(totals[0] ?? NaN, 6);
    expect(plan?.settings[2]?.front).toBeCloseTo(plan?.alone.front ?? NaN, 9);
  });

  it('says which limits are passed at every setting', () => {
    const view = exampleView('australian-wagon-and-tandem');
    const plan = hitchPlan(view);
    for (const { id } of plan?.bound ?? []) {
      expect(plan?.settings.every(({ over }) => over.some((check) => check.id === id))).toBe(true);
    }
  });

  it('is no matter for a fifth wheel, a trailer alone, or a rig of which a length is missing', () => {
    expect(hitchPlan(exampleView('pick-up-with-fifth-wheel'))).toBeNull();
    expect(hitchPlan(exampleView('second-hand-caravan-alone'))).toBeNull();
    const view = exampleView('australian-wagon-and-tandem');
    expect(hitchPlan({ ...view, vehicle: view.vehicle && { ...view.vehicle, geometry: {} } })).toBeNull();
  });

  it('knows what a link does from two measured settings, and how many the couple wants', () => {
    const steps = perStep([
      { at: 4, coupleNm: 700 },
      { at: 6, coupleNm: 1300 },
    ]);
    expect(steps?.couplePerStep).toBeCloseTo(300, 9);
    expect(steps?.stepFor(1000)).toBeCloseTo(5, 9);
    expect(perStep([{ at: 4, coupleNm: 700 }])).toBeNull();
    expect(perStep([4, 4].map((at) => ({ at, coupleNm: 700 + at })))).toBeNull();
  });

  it('expects a wheel arch between its two heights as the load on its axle lies between', () => {
    const load = { alone: 1000, coupled: 920 };
    const heights = { alone: 0.8, coupled: 0.82 };
    expect(archExpected(heights, { ...load, then: 1000 })).toBeCloseTo(0.8, 9);
    expect(archExpected(heights, { ...load, then: 960 })).toBeCloseTo(0.81, 9);
    expect(archExpected({ alone: 0.8 }, { ...load, then: 960 })).toBeNull();
    expect(archExpected(heights, { alone: 1000, coupled: 1000, then: 1000 })).toBeNull();
  });
});

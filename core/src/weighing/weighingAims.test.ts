import { describe, expect, it } from 'vitest';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { weighable, weighingAims } from './weighingAims.ts';

const aimsOf = (name: (typeof exampleNames)[number]) => {
  const view = exampleView(name);
  return weighingAims({ checks: assess(view).checks, view });
};
const want = (name: (typeof exampleNames)[number], key: string) => aimsOf(name).find((aim) => aim.key === key)?.want;

describe('what one goes to the scale for', () => {
  it('asks of a plan with one axle over for that axle alone', () => {
    // The rear axle is 38 kg over; every other load of the plan has 60 kg and more left.
    expect(want('australian-wagon-and-tandem', 'doubt')).toEqual(['rearAxle']);
    expect(want('australian-wagon-and-tandem', 'totals')).toEqual(['vehicleTotal', 'trailerTotal', 'combination']);
  });

  it('asks where nothing is near its limit for the load that has the least left', () => {
    const view = exampleView('australian-wagon-and-tandem');
    const within = assess(view).checks.map((check) => ({
      ...check,
      status: 'within' as const,
      margin: 500,
      limit: 2000,
    }));
    const least = within.map((check) => (check.quantity === 'ballLoad' ? { ...check, margin: 20 } : check));
    expect(weighingAims({ checks: least, view })[1]?.want).toEqual(['ballLoad']);
  });

  it('names no aim twice, and in each only loads that this rig has', () => {
    for (const name of exampleNames) {
      const aims = aimsOf(name);
      const all = weighable(exampleView(name));
      expect(aims[0]).toEqual({ key: 'all', want: all });
      expect(new Set(aims.map((aim) => aim.want.join())).size).toBe(aims.length);
      for (const aim of aims) expect(all).toEqual(expect.arrayContaining([...aim.want]));
    }
    // A trailer by itself has no vehicle to stand on a plate.
    expect(weighable(exampleView('second-hand-caravan-alone'))).toEqual(['trailerAxles', 'ballLoad', 'trailerTotal']);
  });

  it('of a rig nobody knows anything of offers everything and the totals', () => {
    const view = exampleView('australian-wagon-and-tandem');
    const open = assess(view).checks.map((check) => ({ ...check, status: 'unknown' as const, margin: null }));
    expect(weighingAims({ checks: open, view }).map(({ key }) => key)).toEqual(['all', 'totals']);
  });
});

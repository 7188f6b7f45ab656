import { describe, expect, it } from 'vitest';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import { exampleView } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import { fullWeighing as full, onScale, slipOf } from '../testing/weighed.ts';
import { assess } from './assess.ts';
import { mustLeave } from './mustLeave.ts';

const wagon = exampleView('australian-wagon-and-tandem');
/** The wagon with nothing on its lists, on a scale that found so much more on the front and rear axle, and in all coupled. */
function unlistedWagon(front: number, rear: number): RigView {
  const bare: RigView = { ...wagon, loadout: { ...wagon.loadout, placements: [], crew: [] } };
  const ticket = slipOf(bare, full, 1, { loadout: bare.loadout, date: '2026-05-03' }, [front, rear, front + rear, 0]);
  return onScale(bare, [ticket]);
}
/** The same rig without so many kg at a point of a body, gathered and reckoned anew. */
function without(view: RigView, body: string, x: number, mass: number): RigView {
  const off = { id: 'gone', name: 'gone', off: { mass, x }, inEmptyMass: 'no' as const };
  const less = <B extends Body>(one: B): B => (one.id === body ? { ...one, fitted: [...one.fitted, off] } : one);
  return { ...view, vehicle: view.vehicle && less(view.vehicle), trailer: view.trailer && less(view.trailer) };
}
const over = (view: RigView) =>
  assess(view).checks.filter(({ status, kind }) => status === 'over' && kind !== 'guidance');

describe('what must leave', () => {
  it('is named in kg and places that bring the load right when they are gone', () => {
    const view = unlistedWagon(-80, 900);
    const before = assess(view);
    let tried = 0;
    for (const check of over(view)) {
      const leave = mustLeave(before, check);
      for (const { body, side, x, mass } of leave?.spots ?? []) {
        tried += 1;
        const offset = placedBodies(view).find((one) => one.body.id === body)?.offset ?? 0;
        const after = assess(without(view, body, x - offset, mass)).checks;
        const now = after.find(({ id }) => id === check.id);
        expect(now?.margin, `${check.id} ${side} ${String(x)}`).toBeCloseTo(0, 6);
        for (const other of after)
          if (other.status === 'over' && other.kind !== 'guidance')
            expect(before.checks.find(({ id }) => id === other.id)?.status, other.id).toBe('over');
      }
    }
    expect(tried).toBeGreaterThan(1);
  });

  it('of a rear axle is less the further behind it, as the lever says', () => {
    const view = unlistedWagon(-80, 900);
    const check = over(view).find(({ id }) => id === 'axle.rear');
    const leave = check && mustLeave(assess(view), check);
    const [first] = leave?.spots ?? [];
    const wheelbase = view.vehicle?.geometry.wheelbase ?? NaN;
    if (!leave || !first || first.side !== 'vehicle') throw new Error('no place of the car');
    expect(first.mass).toBeCloseTo((leave.mass * wheelbase) / first.x, 6);
    expect(leave.says.key).toMatch(/^leave\.(one|either)$/);
  });

  it('of a total is so much from anywhere in the body', () => {
    const assessment = assess(made({ alone: true, limits: { vehicleMax: 1500 } }));
    const check = assessment.checks.find(({ id }) => id === 'vehicle.max');
    const leave = check && mustLeave(assessment, check);
    expect(leave).toMatchObject({ mass: -(check?.margin ?? 0), spots: [], says: { key: 'leave.body' } });
  });

  it('does not send anybody to a place that is empty by a list that holds', () => {
    const view = exampleView('australian-wagon-and-tandem');
    const assessment = assess(view);
    for (const check of over(view))
      for (const { body, name } of mustLeave(assessment, check)?.spots ?? []) {
        const place = placedBodies(view)
          .find((one) => one.body.id === body)
          ?.body.places.find((one) => one.name === name.params?.['text']);
        const lies = view.loadout.placements.filter((one) => one.body === body && one.place === place?.id);
        expect(lies.length, place?.name).toBeGreaterThan(0);
      }
  });

  it('is nothing where nothing is over', () => {
    const assessment = assess(wagon);
    for (const check of assessment.checks.filter(({ status }) => status !== 'over'))
      expect(mustLeave(assessment, check)).toBeNull();
  });
});

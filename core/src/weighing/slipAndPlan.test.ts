import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { countries } from '../situation/countries.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { slipOf, ticketOf } from '../testing/weighed.ts';
import { assess } from '../verdict/assess.ts';
import { assessTicket } from './measured.ts';

const bars = { bars: true };
/** Everything a scale can settle of a rig, read without error. */
const allOf = (view: RigView) => {
  const distribution = view.rig.hitch?.distribution !== undefined;
  const coupled = { state: 'coupled' as const, ...(distribution ? bars : {}) };
  return [
    ...(view.vehicle
      ? [
          { ...coupled, on: ['front' as const] },
          { ...coupled, on: ['rear' as const] },
        ]
      : []),
    ...(view.trailer && view.vehicle ? [{ ...coupled, on: ['trailer' as const] }] : []),
    ...(view.trailer ? [{ state: 'uncoupled' as const, support: 'ball' as const, on: ['ball' as const] }] : []),
    ...(view.trailer ? [{ state: 'uncoupled' as const, support: 'ball' as const, on: ['trailer' as const] }] : []),
    ...(view.vehicle ? [{ state: 'uncoupled' as const, on: ['front' as const] }] : []),
    ...(view.vehicle ? [{ state: 'uncoupled' as const, on: ['rear' as const] }] : []),
  ];
};
/** Registered and travelling there, with a trailer that has brakes or none. */
const there = (view: RigView, country: (typeof countries)[number], braked: boolean): RigView => {
  const place = { country };
  const trailer = view.trailer && { ...view.trailer, braked };
  return { ...view, trailer, situation: { ...view.situation, vehicle: place, trailer: place, travel: place } };
};

describe('a slip that shows exactly the plan', () => {
  it.each(exampleNames)('of %s comes to what the plan comes to, in every country, with brakes and without', (name) => {
    let compared = 0;
    for (const country of countries) {
      for (const braked of [true, false]) {
        const view = there(onDay(exampleView(name), '2026-06-01'), country, braked);
        const slip = slipOf(view, allOf(view), 0.001);
        const weighed = new Map(assessTicket(view, slip).checks.map((check) => [check.id, check]));
        for (const plan of assess(view).checks) {
          const one = weighed.get(plan.id);
          if (!one || plan.status === 'unknown' || one.status === 'unknown') continue;
          compared += 1;
          const where = `${country} ${braked ? 'braked' : 'unbraked'} ${plan.id}`;
          expect([where, one.status === 'over'], where).toEqual([where, plan.status === 'over']);
          if (plan.limit === null || one.limit === null) expect([where, one.limit]).toEqual([where, plan.limit]);
          else expect(Math.abs(one.limit - plan.limit), where).toBeLessThan(0.5);
        }
      }
    }
    expect(compared).toBeGreaterThan(200);
  });
});

describe('a slip that shows little', () => {
  it('leaves a share of what nobody weighed open: the ball alone passes no least and is above no band', () => {
    const view = onDay(exampleView('german-estate-and-caravan'), '2026-06-01');
    const ball = (value: number) =>
      assessTicket(view, ticketOf(view, [{ state: 'uncoupled', support: 'ball', on: ['ball'], value }])).checks;
    const of = (value: number, id: string) => ball(value).find((check) => check.id === id);
    expect(of(12, 'ball.min')).toMatchObject({ status: 'unknown', limit: null });
    expect(of(12, 'ball.min')?.missing).toMatchObject([{ code: 'reading' }]);
    // 25 kg are enough whatever the trailer weighs.
    expect(of(60, 'ball.min')).toMatchObject({ status: 'within', limit: 25 });
    for (const id of ['ball.shareLow', 'ball.shareHigh'])
      expect(of(72, id)).toMatchObject({ status: 'unknown', limit: null });
  });

  it('knows the empty car of its papers, and so calls no light trailer illegal that the plan calls legal', () => {
    const view = there(onDay(exampleView('german-estate-and-caravan'), '2026-06-01'), 'DE', false);
    const light = slipOf(view, [{ state: 'coupled', on: ['trailer'] }], 1);
    const half = (checks: ReturnType<typeof assess>['checks']) => checks.find(({ id }) => id === 'tow.half')?.limit;
    expect(half(assess(view).checks)).toBeGreaterThan(500);
    expect(half(assessTicket(view, light).checks)).toBe(half(assess(view).checks));
  });
});

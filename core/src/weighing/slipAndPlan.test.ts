import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byTheList, onDay, type RigView } from '../loading/rigView.ts';
import { countries } from '../situation/countries.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView } from '../testing/caseRig.ts';
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
        const view = there(byTheList(onDay(exampleView(name), '2026-06-01')), country, braked);
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

const limit = (least: number, most: number) => fc.option(fc.integer({ min: least, max: most }), { nil: undefined });
const anyLimits = fc
  .record({
    vehicleMax: limit(1500, 5000),
    frontAxleMax: limit(700, 2500),
    rearAxleMax: limit(700, 3000),
    trailerMax: limit(500, 4000),
    trailerAxlesMax: limit(500, 4000),
    combinationMax: limit(2500, 8000),
    towBraked: limit(500, 3500),
    ballMax: limit(50, 350),
  })
  .map((all) => Object.fromEntries(Object.entries(all).filter(([, one]) => one !== undefined)));

describe('a slip of any rig, whatever of it was weighed', () => {
  it('judges every load that it settles as the plan does: the same status, limit and margin', () => {
    let compared = 0;
    const given = fc.record({
      rig: arbitraryRig,
      limits: anyLimits,
      country: fc.constantFrom(...countries),
      braked: fc.boolean(),
      weighed: fc.infiniteStream(fc.boolean()),
    });
    fc.assert(
      fc.property(given, ({ rig, limits, country, braked, weighed }) => {
        const view = there(onDay(caseView({ ...rig, limits }), '2026-06-01'), country, braked);
        const slip = slipOf(
          view,
          allOf(view).filter(() => weighed.next().value),
          0.001,
        );
        const plan = new Map(assess(view).checks.map((check) => [check.id, check]));
        for (const shown of assessTicket(view, slip).checks) {
          const planned = plan.get(shown.id);
          if (!planned || planned.margin === null || shown.margin === null) continue;
          compared += 1;
          // Of a least that a share or a fixed mass meets, a slip without the trailer knows the fixed mass alone: never less.
          const [asked, wanted] = [shown.limit ?? 0, planned.limit ?? 0];
          if (shown.id === 'ball.min') expect(asked, shown.id).toBeGreaterThan(wanted - 0.1);
          else expect(Math.abs(asked - wanted), shown.id).toBeLessThan(0.1);
          expect(Math.abs(shown.margin - planned.margin), shown.id).toBeLessThan(Math.abs(asked - wanted) + 0.1);
          if (Math.abs(planned.margin) <= 0.1) continue;
          expect(`${shown.id} ${shown.status === 'over'}`).toBe(`${shown.id} ${planned.status === 'over'}`);
          // A scale is never exact: a margin no wider than the ± of the two may be within by one and tight by the other.
          if (planned.margin > 2 * Math.max(shown.sigma ?? 0, planned.sigma ?? 0) + 0.1)
            expect(`${shown.id} ${shown.status}`).toBe(`${shown.id} ${planned.status}`);
        }
      }),
      { numRuns: 300 },
    );
    expect(compared).toBeGreaterThan(1000);
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

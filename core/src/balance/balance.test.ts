import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeThing, setTankLevel } from '../edits/loadoutEdits.ts';
import { marginAfter } from '../limits/limitLine.ts';
import { roomInPlaces } from '../limits/roomInPlaces.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleNames, exampleView, exampleWorkspace, type ExampleName } from '../testing/examples.ts';
import { byTheList } from '../loading/rigView.ts';
import { assess } from '../verdict/assess.ts';
import { ballMoves } from './ballMoves.ts';
import { ballTarget, goalOf } from './ballTarget.ts';
import { onWheelbase, overhangEffect } from './overhang.ts';
import { overhanging, overhangTotals } from './overhanging.ts';
import { placePreviews } from '../limits/placePreview.ts';
import { inertiaPerKg, massAlong } from './yawInertia.ts';

const towing: readonly ExampleName[] = ['australian-wagon-and-tandem', 'german-estate-and-caravan'];
const open = (name: ExampleName) => {
  const workspace = exampleWorkspace(name);
  const rig = workspace.rigs[0]!;
  const view = viewRig(workspace, rig.id)!;
  return { workspace, rig, view, assessment: assess(view) };
};

describe('a thing in the hand', () => {
  it.each(exampleNames)('in %s shows at every place what a full evaluation would say', (name) => {
    const { workspace, rig, view, assessment } = open(name);
    const rooms = roomInPlaces(view, assessment.checks);
    const [placement] = view.loadout.placements;
    if (!placement) throw new Error('an example without things');
    const mass = (view.things.get(placement.thing)?.mass ?? 0) * placement.count;
    const previews = placePreviews(rooms, assessment.checks, { mass, from: placement });
    expect(previews).toHaveLength(rooms.length);
    for (const preview of previews) {
      if (preview.left === null || !preview.binding) continue;
      const { body, place } = preview;
      const spot = { body, place, count: placement.count };
      const moved = viewRig(placeThing(workspace, view.loadout.id, placement.thing, spot), rig.id)!;
      const after = assess(moved).checks.find((check) => check.id === preview.binding?.id);
      expect(after?.margin, `${name} ${place} ${preview.binding.id}`).toBeCloseTo(preview.left, 6);
    }
  });

  it('marks the places where it would break a limit, and only those', () => {
    const view = byTheList(open('british-van-with-scooter').view);
    const assessment = assess(view);
    const rooms = roomInPlaces(view, assessment.checks);
    const heavy = placePreviews(rooms, assessment.checks, { mass: 60 });
    const light = placePreviews(rooms, assessment.checks, { mass: 1 });
    expect(heavy.find((one) => one.place === 'scooter-rack')?.breaks).toBe(true);
    expect(light.some((one) => one.breaks)).toBe(false);
    for (const one of heavy) expect(one.breaks, one.place).toBe((one.left ?? 0) < 0);
  });

  it('says what is left today where it already lies', () => {
    const { view, assessment } = open('british-van-with-scooter');
    const rooms = roomInPlaces(view, assessment.checks);
    const placement = view.loadout.placements[0]!;
    const stays = placePreviews(rooms, assessment.checks, { mass: 10, from: placement }).find(
      (one) => one.body === placement.body && one.place === placement.place,
    );
    const least = Math.min(
      ...assessment.checks.flatMap((check) =>
        (check.kind === 'legal' || check.kind === 'maker') && check.margin !== null && !check.unit && check.use
          ? [check.margin]
          : [],
      ),
    );
    expect(stays?.left).toBeLessThanOrEqual(least + 1e-9);
    expect(stays?.breaks).toBe(false);
  });
});

describe('a margin after a move', () => {
  it.each(towing)('in %s is what a full evaluation says, for a tank at any level', (name) => {
    const { workspace, rig, view, assessment } = open(name);
    const trailer = view.trailer!;
    const tank = trailer.tanks.find((one) => one.kind === 'fresh')!;
    const before = view.loadout.tankLevels.find((one) => one.tank === tank.id)?.fraction ?? 0;
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (fraction) => {
        const mass = (fraction - before) * (tank.capacityL ?? 0);
        const filled = viewRig(setTankLevel(workspace, view.loadout.id, trailer.id, tank.id, fraction), rig.id)!;
        const after = assess(filled).checks;
        for (const check of assessment.checks) {
          if (check.margin === null || !check.use) continue;
          const expected = after.find((one) => one.id === check.id)?.margin;
          expect(marginAfter(check, [{ side: 'trailer', x: tank.x ?? 0, mass }]), check.id).toBeCloseTo(
            expected ?? NaN,
            6,
          );
        }
      }),
      { numRuns: 25 },
    );
  });
});

describe('planning the load on the coupling', () => {
  it('knows band and limits of the German example, which is too light', () => {
    const { assessment } = open('german-estate-and-caravan');
    const target = ballTarget(assessment);
    expect(target?.now).toBeCloseTo(17.1, 1);
    expect(target?.legalLeast).toBe(25);
    expect(target?.low).toBeCloseTo(0.04 * 1207.2, 1);
    expect(target?.most).toBe(75);
    expect(goalOf(target!)).toEqual({ from: target?.low, to: 75 });
  });

  it.each(towing)('in %s offers only what breaks nothing and comes nearer, safest first', (name) => {
    const { assessment } = open(name);
    const target = ballTarget(assessment)!;
    const goal = goalOf(target);
    const off = (ball: number) => Math.max(0, goal.from - ball, ball - goal.to);
    const moves = ballMoves(assessment);
    for (const move of moves) {
      expect(move.breaks).toBeNull();
      expect(off(target.now + move.ball)).toBeLessThan(off(target.now));
    }
    const firstThatSwings = moves.findIndex((move) => move.inertia > 0.5);
    if (firstThatSwings >= 0) {
      expect(moves.slice(firstThatSwings).every((move) => move.inertia > 0.5)).toBe(true);
    }
  });

  it('keeps its word: the best move, made, brings what it said', () => {
    const { workspace, rig, view, assessment } = open('german-estate-and-caravan');
    const move = ballMoves(assessment).find((one) => one.kind === 'thing')!;
    const placement = view.loadout.placements.find((one) => one.thing === move.id)!;
    const spot = move.to && { body: move.to.body, place: move.to.place, count: placement.count };
    const after = assess(viewRig(placeThing(workspace, view.loadout.id, move.id, spot), rig.id)!);
    const change = (quantity: 'ballLoad' | 'frontAxle' | 'rearAxle' | 'trailerAxles') => {
      const now = assessment.loads.values[quantity];
      const then = after.loads.values[quantity];
      return now.kind === 'known' && then.kind === 'known' ? then.value - now.value : NaN;
    };
    expect(change('ballLoad')).toBeCloseTo(move.ball, 6);
    expect(change('frontAxle')).toBeCloseTo(move.front, 6);
    expect(change('rearAxle')).toBeCloseTo(move.rear, 6);
    expect(change('trailerAxles')).toBeCloseTo(move.axles, 6);
    const inertia = (one: typeof after) => massAlong(one.loads, 'trailer')?.inertia ?? NaN;
    expect(inertia(after) - inertia(assessment)).toBeCloseTo(move.inertia, 6);
  });

  it('has nothing to say without a trailer, and nothing to mend where all is right', () => {
    expect(ballTarget(open('british-van-with-scooter').assessment)).toBeNull();
    expect(ballMoves(open('british-van-with-scooter').assessment)).toEqual([]);
    const { assessment } = open('australian-wagon-and-tandem');
    const target = ballTarget(assessment)!;
    expect(target.now).toBeGreaterThan(target.low);
    expect(ballMoves(assessment)).toEqual([]);
  });
});

describe('mass along a body', () => {
  it.each(towing)('of %s has its centre where the load on the coupling says', (name) => {
    const { loads } = open(name).assessment;
    const along = massAlong(loads, 'trailer')!;
    const ball = loads.values.ballLoad;
    const axle = loads.lengths.trailer?.axlePosition ?? NaN;
    expect(ball.kind === 'known' ? ball.value : NaN).toBeCloseTo(along.mass * (1 - along.centre / axle), 6);
    expect(along.inertia).toBeGreaterThan(along.least);
  });

  it('grows with the square of the distance from the axle', () => {
    expect(inertiaPerKg(6, 4)).toBe(4);
    expect(inertiaPerKg(2, 4)).toBe(inertiaPerKg(6, 4));
  });

  it('is not known where the empty mass is not', () => {
    const view = exampleView('german-estate-and-caravan');
    const trailer = view.trailer && { ...view.trailer, emptyMass: undefined };
    expect(massAlong(assess({ ...view, trailer }).loads, 'trailer')).toBeNull();
  });
});

describe('what hangs over', () => {
  it('is listed with the coupling from front to rear, for each wheelbase, and nothing between the axles is', () => {
    const { view } = open('british-van-with-scooter');
    const own = view.vehicle?.geometry.wheelbase ?? NaN;
    const rows = overhanging(view, 100, [own, own + 1]);
    expect(rows.map(({ key }) => key)).toContain('place scooter-rack');
    for (const row of rows) {
      expect(row.x < 0 || row.x > own, row.key).toBe(true);
      const [shorter, longer] = row.effects;
      expect((shorter?.front ?? 0) + (shorter?.rear ?? 0)).toBeCloseTo(row.mass, 6);
      if (row.x > own) expect(longer?.front).toBeGreaterThan(shorter?.front ?? NaN);
    }
    expect(overhanging(view, null, [])).toEqual([]);
    const wagon = open('australian-wagon-and-tandem').view;
    expect(overhanging(wagon, 215, [2.85]).at(-1)?.key).toBe('coupling');
    expect(overhanging(wagon, null, [2.85]).map(({ key }) => key)).not.toContain('coupling');
  });

  it('counts what was taken off where it hung: 64 on and 9 off are 55', () => {
    const { view } = open('british-van-with-scooter');
    const own = view.vehicle?.geometry.wheelbase ?? NaN;
    const rack = { id: 'rack', name: 'Rack', on: { mass: 64, x: own + 1 }, off: { mass: 9, x: own + 1 } };
    const vehicle = { ...view.vehicle!, places: [], fitted: [{ ...rack, inEmptyMass: 'no' as const }] };
    const rows = overhanging({ ...view, vehicle }, null, [own]);
    expect(rows.map(({ mass }) => mass)).toEqual([64, -9]);
    // 55 kg a metre behind the rear axle: it takes 55/W off the front and puts 55 + 55/W on the rear.
    const [total] = overhangTotals(rows, [own]);
    expect(total?.front).toBeCloseTo(-55 / own, 9);
    expect(total?.rear).toBeCloseTo(55 + 55 / own, 9);
  });

  it('takes from the front axle what it adds to the rear beyond itself', () => {
    expect(overhangEffect({ mass: 60, x: 4.2 }, 3)).toEqual({
      front: -24,
      rear: 84,
      share: expect.closeTo(0.4, 9) as number,
    });
    expect(overhangEffect({ mass: 80, x: -0.75 }, 3)).toEqual({ front: 100, rear: -20, share: 0.25 });
    expect(overhangEffect({ mass: 50, x: 1.5 }, 3).share).toBe(0);
  });

  it('carries the mass together, on any wheelbase, and weighs more on a short one', () => {
    const part = fc.record({
      mass: fc.double({ min: 1, max: 300, noNaN: true }),
      x: fc.double({ min: -1.5, max: 7, noNaN: true }),
    });
    const base = fc.double({ min: 2, max: 4.5, noNaN: true });
    fc.assert(
      fc.property(part, base, base, (one, from, to) => {
        const effect = overhangEffect(onWheelbase(one, from, to), to);
        expect(effect.front + effect.rear).toBeCloseTo(one.mass, 6);
        if (one.x > from) {
          const own = overhangEffect(one, from);
          expect(to < from ? effect.front <= own.front + 1e-9 : effect.front >= own.front - 1e-9).toBe(true);
        }
      }),
    );
  });
});

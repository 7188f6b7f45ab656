import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { readWorkspace } from '../files/readWorkspace.ts';
import { writeWorkspace } from '../files/writeWorkspace.ts';
import { keepAlternative } from '../edits/alternativeEdits.ts';
import { downrate } from '../testing/downrate.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { assess } from '../verdict/assess.ts';
import { alternatives, type Swap } from '../uprating/alternatives.ts';
import { applyPackage } from '../uprating/applyPackage.ts';
import { withSmallTrailer } from '../uprating/smallTrailer.ts';
import { solvedWays } from './solvedWays.ts';

const motorhome = exampleView('german-motorhome');
const lowered = applyPackage(motorhome, downrate(3500));
const solve = (view: RigView) => solvedWays(view, { name: 'Box trailer', box: 'Box' }, testSolver, patient);
const of = (view: RigView, swaps: readonly Swap[] = []) => alternatives(view, { swaps, ways: solve(view) });
/** Every placement of a rig put elsewhere, one at a time. */
const elsewhere = (view: RigView, spots: readonly { readonly body: string; readonly place: string }[]) =>
  view.loadout.placements.flatMap((one, at) =>
    spots
      .filter(({ body, place }) => body !== one.body || place !== one.place)
      .map(({ body, place }): RigView => {
        const there = { thing: one.thing, count: one.count, body, place, ...(one.wet ? { wet: one.wet } : {}) };
        return { ...view, loadout: { ...view.loadout, placements: view.loadout.placements.with(at, there) } };
      }),
  );

describe('ways that are solved', () => {
  it('are none where nothing is over', () => {
    expect(solve(motorhome)).toEqual({ leave: null, move: null, smallTrailer: null });
  });

  it('do not call that a way which leaves the rig over still', () => {
    expect(solve(applyPackage(motorhome, downrate(3000)))).toMatchObject({ leave: null, move: null });
  });

  it('leave no thing at home that could have stayed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3350, max: 3880 }), (to) => {
        const view = applyPackage(motorhome, downrate(to));
        const { leave } = solve(view);
        if (!leave || !assess(leave.view).legal) return;
        for (const one of leave.left) {
          const line = view.loadout.placements.find(
            (entry) => entry.thing === one.thing && entry.body === one.body && entry.place === one.place,
          );
          const { loadout } = leave.view;
          const back = line ? [...loadout.placements, line] : loadout.placements;
          expect(assess({ ...view, loadout: { ...loadout, placements: back } }).legal).toBe(false);
        }
      }),
      { numRuns: 6 },
    );
  });

  it('empty an overloaded place, whatever the totals', () => {
    const { vehicle } = motorhome;
    if (!vehicle) throw new Error('no vehicle');
    const places = vehicle.places.map((one) => (one.id === 'carrier' ? { ...one, rating: { value: 60 } } : one));
    const { leave, move } = solve({ ...motorhome, vehicle: { ...vehicle, places } });
    expect(leave?.left.map(({ place }) => place)).toEqual(['carrier']);
    // As much as is over lies elsewhere in the motorhome instead, where there is room.
    if (move) expect(assess(move.view).legal).toBe(true);
  });

  it('put into the small trailer as few things as any choice would, and keep every limit of both', () => {
    const { smallTrailer } = solve(lowered);
    const hitched = withSmallTrailer(lowered, { name: 'Box trailer', box: 'Box' });
    if (!smallTrailer || !hitched) throw new Error('nothing was found');
    expect(smallTrailer).toMatchObject({ left: [], proven: true });
    // A trailer that nobody has seen yet: whether it has a second coupling is still to be asked.
    expect(assess(smallTrailer.view).mark).toBe('open');
    const box = { body: 'small-trailer', place: 'box' };
    expect(smallTrailer.view.loadout.placements.filter(({ body }) => body === box.body)).toHaveLength(
      smallTrailer.moved.length,
    );
    expect(smallTrailer.moved.length).toBeGreaterThan(1);
    // One thing fewer than was found never does it: all such choices tried.
    let fewer = [hitched];
    for (let many = 1; many < smallTrailer.moved.length; many += 1)
      fewer = fewer.flatMap((view) => elsewhere(view, [box]));
    expect(fewer.length).toBeGreaterThan(10);
    expect(fewer.filter((view) => assess(view).legal)).toEqual([]);
  });

  it('move as few things as any choice would, and stay silent where no packing helps', () => {
    const wagon = exampleView('australian-wagon-and-tandem');
    const { move } = solve(wagon);
    if (!move) throw new Error('nothing was found');
    expect(move).toMatchObject({ left: [], proven: true });
    expect(assess(move.view).legal).toBe(true);
    const spots = placedBodies(wagon).flatMap(({ body }) =>
      body.places.map(({ id }) => ({ body: body.id, place: id })),
    );
    const single = elsewhere(wagon, spots).filter((view) => assess(view).legal);
    expect(move.moved.length === 1).toBe(single.length > 0);
    // Masses alone are over by more than nothing, wherever things lie.
    expect(solve(applyPackage(motorhome, downrate(3400))).move).toBeNull();
  });
});

describe('other ways than a new plate', () => {
  it('for a lowered motorhome: leave, go dry, tow a small trailer; each with its own verdict', () => {
    const found = of(lowered);
    expect(found.map(({ id, after }) => [id, after.legal, after.mark])).toEqual([
      ['leave', true, 'tight'],
      ['dry', false, 'over'],
      ['smallTrailer', null, 'open'],
    ]);
    expect(found.find(({ id }) => id === 'dry')?.mass).toBeCloseTo(77, 6);
    const towing = found.find(({ id }) => id === 'smallTrailer');
    expect(towing?.consequences.filter(({ topic }) => topic === 'speed').map(({ place }) => place?.country)).toEqual([
      'DE',
      'AT',
      'IT',
    ]);
    expect(found.find(({ id }) => id === 'leave')?.consequences.every(({ change }) => change === 'same')).toBe(true);
  });

  it('a lighter thing saves by as many as there are, and a price makes a price per kilogram', () => {
    const swap = { thing: 'bs-folding-chairs', name: 'Light chair', mass: 1.4, price: 60 };
    const lighter = of(lowered, [swap]).find(({ id }) => id === 'lighter');
    expect(lighter?.mass).toBeCloseTo(12, 6);
    expect(lighter?.costPerKg).toBeCloseTo(20, 6);
    const unpriced = { thing: swap.thing, name: swap.name, mass: swap.mass };
    expect(of(lowered, [unpriced]).find(({ id }) => id === 'lighter')?.costPerKg).toBeNull();
    expect(of(lowered, [{ ...swap, mass: 9 }]).some(({ id }) => id === 'lighter')).toBe(false);
  });

  it('moves load between car and trailer until the axle is right, and the trailer keeps its limits', () => {
    const wagon = exampleView('australian-wagon-and-tandem');
    const move = of(wagon).find(({ id }) => id === 'move');
    expect(move?.moved.length).toBeGreaterThan(0);
    expect(move?.after.checks.find(({ id }) => id === 'axle.rear')?.margin).toBeGreaterThanOrEqual(0);
    expect(move?.after.legal).toBe(true);
    expect(of(wagon).some(({ id }) => id === 'smallTrailer')).toBe(false);
  });

  it.each(['leave', 'dry', 'lighter', 'smallTrailer'] as const)(
    '%s is kept in the document with the verdict it had',
    (id) => {
      const swaps = [{ thing: 'bs-folding-chairs', name: 'Light chair', mass: 1.4 }];
      const kept = of(lowered, swaps).find((one) => one.id === id);
      if (!kept) throw new Error(`no ${id}`);
      let count = 0;
      const document = exampleWorkspace('german-motorhome');
      const bodies = document.bodies.map((body) => (body.id === lowered.vehicle?.id ? lowered.vehicle : body));
      const made = keepAlternative(
        { ...document, bodies },
        'bachstelze',
        kept,
        'Another way',
        () => `new-${(count += 1)}`,
      );
      expect(readWorkspace(writeWorkspace(made.workspace))).toMatchObject({ ok: true });
      const view = viewRig(made.workspace, made.rig);
      expect(view?.loadout.name).toBe('Another way');
      expect(made.rig === 'bachstelze').toBe(id !== 'smallTrailer');
      const masses = (checks: ReturnType<typeof assess>['checks']) => checks.map((check) => check.margin);
      expect(view && masses(assess(view).checks)).toEqual(masses(kept.after.checks));
    },
  );
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import type { RigView } from '../loading/rigView.ts';
import { readWorkspace } from '../files/readWorkspace.ts';
import { writeWorkspace } from '../files/writeWorkspace.ts';
import { keepAlternative } from '../edits/alternativeEdits.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { alternatives, type AlternativeWishes } from './alternatives.ts';
import { applyPackage } from './applyPackage.ts';
import { takeAway } from './takingAway.ts';
import type { UpratePackage } from './upratePackage.ts';

const down = (to: number): UpratePackage => ({
  id: 'down',
  name: 'down',
  kind: 'downrate',
  of: 'vehicle',
  limits: [{ limit: 'vehicleMax', to }],
  adds: [],
  costs: [],
  currency: 'EUR',
});
const motorhome = exampleView('german-motorhome');
const lowered = applyPackage(motorhome, down(3500));
const wishes: AlternativeWishes = { swaps: [], least: new Set(), words: { name: 'Box trailer', box: 'Box' } };
const of = (view: RigView, more: Partial<AlternativeWishes> = {}) => alternatives(view, { ...wishes, ...more });

describe('what must go', () => {
  it('is nothing where nothing is over', () => {
    expect(takeAway(motorhome)).toMatchObject({ left: [], mass: 0, stillOver: [] });
  });

  it('after a downrate to 3,500 kg is at least what is over, and leaves the rig legal', () => {
    const over = -(assess(lowered).checks.find(({ id }) => id === 'vehicle.max')?.margin ?? 0);
    const taken = takeAway(lowered);
    expect(over).toBeCloseTo(85.3, 1);
    expect(taken.mass).toBeGreaterThanOrEqual(over);
    expect(taken.mass).toBeLessThan(over + 20);
    expect(taken.after.legal).toBe(true);
  });

  it('goes for what is seldom used first', () => {
    const least = new Set(['bs-snow-chains', 'bs-satellite-dish']);
    const things = takeAway(lowered, least).left.map(({ thing }) => thing);
    expect(things).toEqual(expect.arrayContaining([...least]));
  });

  it('says what is over still when all things have gone', () => {
    const taken = takeAway(applyPackage(motorhome, down(3000)));
    expect(taken.loadout.placements).toEqual([]);
    expect(taken.stillOver.map(({ id }) => id)).toContain('vehicle.max');
  });

  it('empties an overloaded place, whatever the totals', () => {
    const { vehicle } = motorhome;
    if (!vehicle) throw new Error('no vehicle');
    const places = vehicle.places.map((one) => (one.id === 'carrier' ? { ...one, rating: { value: 60 } } : one));
    const taken = takeAway({ ...motorhome, vehicle: { ...vehicle, places } });
    expect(taken.left.map(({ place }) => place)).toEqual(['carrier']);
    expect(taken.stillOver).toEqual([]);
  });

  it('never takes a thing that could have stayed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3350, max: 3880 }), (to) => {
        const view = applyPackage(motorhome, down(to));
        const { left, loadout, stillOver } = takeAway(view);
        if (stillOver.length > 0) return;
        for (const one of left) {
          const line = view.loadout.placements.find(
            (entry) => entry.thing === one.thing && entry.body === one.body && entry.place === one.place,
          );
          const back = line ? [...loadout.placements, line] : loadout.placements;
          expect(assess({ ...view, loadout: { ...loadout, placements: back } }).legal).toBe(false);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('other ways than a new plate', () => {
  it('for a lowered motorhome: leave, go dry, tow a small trailer; each with its own verdict', () => {
    const found = of(lowered);
    expect(found.map(({ id, after }) => [id, after.legal])).toEqual([
      ['leave', true],
      ['dry', false],
      ['smallTrailer', true],
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
    const lighter = of(lowered, { swaps: [swap] }).find(({ id }) => id === 'lighter');
    expect(lighter?.mass).toBeCloseTo(12, 6);
    expect(lighter?.costPerKg).toBeCloseTo(20, 6);
    const unpriced = { thing: swap.thing, name: swap.name, mass: swap.mass };
    expect(of(lowered, { swaps: [unpriced] }).find(({ id }) => id === 'lighter')?.costPerKg).toBeNull();
    expect(of(lowered, { swaps: [{ ...swap, mass: 9 }] }).some(({ id }) => id === 'lighter')).toBe(false);
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
      const kept = of(lowered, { swaps }).find((one) => one.id === id);
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

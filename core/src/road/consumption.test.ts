import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { alongSteps } from './alongTheRoad.ts';
import { stepsOf } from './consumption.ts';
import type { Rates } from './rates.ts';
import { keyOf, levelsOf, withLevels } from './tanks.ts';
import type { Section } from './trip.ts';

const rates: Rates = { fuelAlone: 10, fuelTowing: 16, water: 20, waste: 0.9, gas: 0.5, food: 2, pace: 80 };
const wagon = exampleView('australian-wagon-and-tandem');

/** Every tank of the rig half full, whatever the loadout says. */
const half = (view: RigView): RigView =>
  withLevels(view, new Map([...levelsOf(view)].map(([key, one]) => [key, { ...one, amount: one.capacity / 2 }])));
const held = (view: RigView, kind: string): number => {
  const levels = levelsOf(view);
  return [view.vehicle, view.trailer]
    .flatMap((body) => (body ? body.tanks.filter((tank) => tank.kind === kind).map((tank) => ({ body, tank })) : []))
    .reduce((sum, { body, tank }) => sum + (levels.get(keyOf({ body: body.id, tank: tank.id }))?.amount ?? 0), 0);
};
const end = (view: RigView, sections: readonly Section[]): RigView =>
  alongSteps(view, stepsOf(view, sections, rates)).moments.at(-1)?.view ?? view;

describe('what a journey uses', () => {
  const start = half(wagon);

  it('is fuel by the distance, more with the trailer behind', () => {
    const drive: Section = { id: 'out', kind: 'drive', km: 100 };
    expect(held(start, 'fuel') - held(end(start, [drive]), 'fuel')).toBeCloseTo(16, 6);
    const alone = { ...start, trailer: undefined };
    expect(held(alone, 'fuel') - held(end(alone, [drive]), 'fuel')).toBeCloseTo(10, 6);
  });

  it('is water by people and nights, nine tenths of which are waste water afterwards', () => {
    const people = start.loadout.crew.filter(({ pet }) => !pet).length;
    const { moments, flowed } = alongSteps(start, stepsOf(start, [{ id: 'camp', kind: 'nights', nights: 1 }], rates));
    const after = moments.at(-1)?.view ?? start;
    expect(people).toBeGreaterThan(0);
    expect(held(start, 'fresh') - held(after, 'fresh')).toBeCloseTo(20 * people, 6);
    // The grey tank is half full already: what it cannot hold is told.
    const spilt = flowed.get('camp')?.spilt.reduce((sum, { amount }) => sum + amount, 0) ?? 0;
    expect(held(after, 'grey') - held(start, 'grey') + spilt).toBeCloseTo(18 * people, 6);
    expect(spilt).toBeGreaterThan(0);
  });

  it('is the same in one drive or in two', () => {
    const drive = (id: string, km: number): Section => ({ id, kind: 'drive', km });
    const once = end(start, [drive('all', 180)]);
    const twice = end(start, [drive('one', 70), drive('two', 110)]);
    for (const [key, { amount }] of levelsOf(once)) expect(levelsOf(twice).get(key)?.amount).toBeCloseTo(amount, 6);
  });

  it('is told where there was less than was wanted', () => {
    const { flowed } = alongSteps(start, stepsOf(start, [{ id: 'far', kind: 'drive', km: 2000 }], rates));
    const short = flowed.get('far')?.short.reduce((sum, { amount }) => sum + amount, 0) ?? 0;
    expect(short).toBeCloseTo(320 - held(start, 'fuel'), 6);
  });
});

import { describe, expect, it } from 'vitest';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import { exampleView } from '../testing/examples.ts';
import { waterMoments } from './waterMoments.ts';

const litres = (view: RigView, kind: 'fresh' | 'grey') =>
  placedBodies(view)
    .flatMap(({ body }) => body.tanks.map((tank) => ({ tank, level: tankLevel(view, body.id, tank.id) })))
    .filter(({ tank }) => tank.kind === kind)
    .reduce((sum, { tank, level }) => sum + (tank.capacityL ?? 0) * level, 0);

describe('water as it is used up', () => {
  it('is all there, then all in the waste tanks as far as they hold it, then gone', () => {
    const view = exampleView('australian-wagon-and-tandem');
    const [start, used, drained] = waterMoments(view);
    if (!start || !used || !drained) throw new Error('three moments');
    expect(start).toBe(view);
    expect(litres(used, 'fresh')).toBe(0);
    const holds = placedBodies(view)
      .flatMap(({ body }) => body.tanks)
      .reduce((sum, { kind, capacityL }) => (kind === 'grey' ? sum + (capacityL ?? 0) : sum), 0);
    const all = litres(view, 'fresh') + litres(view, 'grey');
    expect(litres(used, 'grey')).toBeCloseTo(Math.min(holds, all), 6);
    expect(litres(drained, 'grey')).toBe(0);
  });

  it('is one moment where there is none', () => {
    const view = exampleView('pick-up-with-fifth-wheel');
    const dry = { ...view, loadout: { ...view.loadout, tankLevels: [] } };
    expect(waterMoments(dry)).toEqual([dry]);
  });
});

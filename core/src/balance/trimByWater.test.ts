import { describe, expect, it } from 'vitest';
import { binds, comparesLoad } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { trimByWater } from './trimByWater.ts';

/** The rig with one tank filled so far. */
const filled = (view: RigView, body: string, tank: string, fraction: number): RigView => ({
  ...view,
  loadout: {
    ...view.loadout,
    tankLevels: [
      ...view.loadout.tankLevels.filter((one) => one.body !== body || one.tank !== tank),
      { body, tank, fraction },
    ],
  },
});
const keeps = (view: RigView): boolean =>
  assess(view).checks.every(
    (check) => !((binds(check) || check.role === 'band') && comparesLoad(check)) || (check.margin ?? 0) >= -1e-6,
  );
/** The wagon as it is packed, without the 38 kg that are too much for its rear axle. */
const wagon = exampleView('australian-wagon-and-tandem');
const packed: RigView = {
  ...wagon,
  loadout: {
    ...wagon.loadout,
    placements: wagon.loadout.placements.filter(({ thing }) => thing !== 'au-fridge-45-litres-full'),
  },
};

describe('what water can do', () => {
  it.each([
    ['the wagon, packed', packed],
    ['the wagon as it is', wagon],
    ['the estate', exampleView('german-estate-and-caravan')],
    ['the pick-up', exampleView('pick-up-with-fifth-wheel')],
    ['the motorhome', exampleView('german-motorhome')],
  ])('%s: keeps every limit just where it says, tried level by level', (_name, view) => {
    const trims = trimByWater(assess(view));
    expect(trims.length).toBeGreaterThan(0);
    for (const { body, tank, levels } of trims) {
      for (let level = 0; level <= 1; level += 1 / 32) {
        const inside = levels !== null && level >= levels.from && level <= levels.to;
        const edge = levels !== null && Math.min(Math.abs(level - levels.from), Math.abs(level - levels.to)) < 1e-6;
        if (!edge) expect(keeps(filled(view, body, tank, level)), `${tank} at ${level}`).toBe(inside);
      }
    }
  });

  it('names what stands against it where no level does: at each of them one of those is passed', () => {
    const views = [wagon, exampleView('german-estate-and-caravan'), exampleView('german-motorhome')];
    const hopeless = views.flatMap((view) =>
      trimByWater(assess(view)).flatMap((trim) => (trim.levels === null ? [{ view, ...trim }] : [])),
    );
    expect(hopeless.length).toBeGreaterThan(0);
    for (const { view, body, tank, never } of hopeless) {
      expect(never.length, tank).toBeGreaterThan(0);
      for (let level = 0; level <= 1; level += 1 / 16) {
        const { checks } = assess(filled(view, body, tank, level));
        const worst = never.map(({ id }) => checks.find((check) => check.id === id)?.margin ?? NaN);
        expect(Math.min(...worst), `${tank} at ${level}`).toBeLessThan(0);
      }
    }
  });

  it('finds the level at which the load on the coupling lies in the middle of its band', () => {
    for (const { body, tank, levels, middle } of trimByWater(assess(packed))) {
      if (middle === null || !levels || middle <= levels.from || middle >= levels.to) continue;
      const { checks } = assess(filled(packed, body, tank, middle));
      const margin = (id: string) => checks.find((check) => check.id === id)?.margin ?? NaN;
      expect(margin('ball.shareLow'), tank).toBeCloseTo(margin('ball.shareHigh'), 6);
    }
  });

  it('says nothing of a tank whose size or place nobody knows', () => {
    const { trailer } = packed;
    if (!trailer) throw new Error('the caravan');
    const tanks = trailer.tanks.map(({ id, name, kind, x }) => ({ id, name, kind, ...(x === undefined ? {} : { x }) }));
    expect(trimByWater(assess({ ...packed, trailer: { ...trailer, tanks } }))).toEqual([]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changePart, setGeometry, setSeat } from '../edits/bodyEdits.ts';
import { setGear } from '../edits/gearEdits.ts';
import type { Workspace } from '../document/workspace.ts';
import { compile } from '../loads/compile.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { slipOf } from '../testing/weighed.ts';
import { assessTicket } from '../weighing/measured.ts';
import { sideLoads } from './sideLoads.ts';

const start = () => exampleWorkspace('australian-wagon-and-tandem');
const open = (workspace: Workspace) => {
  const loads = compile(viewRig(workspace, 'tern-and-saltbush')!);
  const { axles, unsided } = sideLoads(loads);
  const of = (axle: 'front' | 'rear' | 'trailer') => axles.find((one) => one.axle === axle)!;
  return { loads, of, unsided };
};
const load = (workspace: Workspace, name: 'frontAxle' | 'rearAxle' | 'trailerAxles') => {
  const value = open(workspace).loads.values[name];
  return value.kind === 'known' ? value.value : NaN;
};

describe('left and right', () => {
  it('make up the axle, on every axle', () => {
    const workspace = start();
    const { of } = open(workspace);
    for (const [axle, name] of [
      ['front', 'frontAxle'],
      ['rear', 'rearAxle'],
      ['trailer', 'trailerAxles'],
    ] as const) {
      const { left, right } = of(axle).ends!;
      expect(left.load + right.load).toBeCloseTo(load(workspace, name), 6);
    }
  });

  it('shift by m·y/t on the trailer when a place moves across, and only there', () => {
    fc.assert(
      fc.property(fc.double({ min: -1.2, max: 1.2, noNaN: true }), (y) => {
        const before = open(start());
        const after = open(changePart(start(), 'saltbush-19', 'places', 'kitchen', { y }));
        const kitchen = before.loads.view.loadout.placements
          .filter((one) => one.place === 'kitchen')
          .reduce((sum, one) => sum + (before.loads.view.things.get(one.thing)?.mass ?? 0) * one.count, 0);
        expect(kitchen).toBeGreaterThan(10);
        const shift = after.of('trailer').ends!.left.load - before.of('trailer').ends!.left.load;
        expect(shift).toBeCloseTo((kitchen * (y + 0.85)) / 1.96, 6);
        expect(after.of('rear').ends!.left.load).toBeCloseTo(before.of('rear').ends!.left.load, 9);
      }),
      { numRuns: 20 },
    );
  });

  it('share a person between the axles of the vehicle by where the seat stands', () => {
    const moved = setSeat(start(), 'tern-wagon', 'driver', { y: 0.38 });
    const change = (axle: 'front' | 'rear') =>
      open(moved).of(axle).ends!.left.load - open(start()).of(axle).ends!.left.load;
    expect(change('front')).toBeCloseTo((86 * (1 - 1.38 / 2.85) * 0.76) / 1.62, 6);
    expect(change('rear')).toBeCloseTo((86 * (1.38 / 2.85) * 0.76) / 1.63, 6);
  });

  it('are not known without the track, nor without the axle load', () => {
    const noTrack = setGeometry(start(), 'saltbush-19', { track: undefined });
    expect(open(noTrack).of('trailer')).toMatchObject({ ends: null, missing: 'track' });
    const noLoad = changePart(start(), 'tern-wagon', 'places', 'boot', { x: undefined });
    expect(open(noLoad).of('front')).toMatchObject({ ends: null, missing: 'load' });
    expect(open(noLoad).of('trailer').missing).toBeNull();
    const noAxle = setGeometry(start(), 'saltbush-19', { axlePosition: undefined });
    expect(open(noAxle).of('trailer')).toBeUndefined();
  });

  it('are compared with the tyres of one end, where these have been read', () => {
    expect(open(start()).of('trailer').ends?.left).toMatchObject({ limit: null, left: null, status: 'unknown' });
    const gear = { id: 'g', axle: 'trailer', wheels: 4, loadIndex: '104' } as const;
    const { left, right } = open(setGear(start(), 'saltbush-19', 'trailer', {}, gear)).of('trailer').ends!;
    expect(left.limit).toBe(1800);
    expect(left.left).toBeCloseTo(1800 - left.load, 9);
    expect([left.status, right.status]).toEqual(['within', 'within']);
    const weak = open(setGear(start(), 'saltbush-19', 'trailer', { loadIndex: '82' }, gear)).of('trailer').ends!;
    expect(weak.left.limit).toBe(950);
    expect(weak.left.status).toBe('over');
  });

  it('say how much of the load has no side yet', () => {
    expect(open(start()).unsided).toBe(0);
    const unsided = open(changePart(start(), 'saltbush-19', 'tanks', 'gas-a', { y: undefined })).unsided;
    expect(unsided).toBeCloseTo(9.4 + 8.5, 6);
  });

  it('are surer in a narrow place than in a wide one', () => {
    const wide = changePart(start(), 'saltbush-19', 'places', 'kitchen', { width: 2.4 });
    expect(open(wide).of('trailer').sigma).toBeGreaterThan(open(start()).of('trailer').sigma);
  });

  it('are not known from a slip, which was read axle by axle: half of each would be made up', () => {
    const view = viewRig(start(), 'tern-and-saltbush')!;
    const slip = slipOf(view, [
      { state: 'coupled', on: ['front'] },
      { state: 'coupled', on: ['rear'] },
      { state: 'coupled', on: ['trailer'] },
    ]);
    const { axles, unsided } = sideLoads(assessTicket(view, slip).loads);
    expect(axles.map(({ ends, missing }) => [ends, missing])).toEqual(Array(3).fill([null, 'sides']));
    expect(unsided).toBe(0);
  });
});

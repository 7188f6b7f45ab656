import { describe, expect, it } from 'vitest';
import type { Workspace } from '../document/workspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { removeThing } from '../edits/loadoutEdits.ts';
import { addTrip, removeTrip } from '../edits/tripEdits.ts';
import { extractRig } from '../files/extractRig.ts';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { leaveAtHome } from './leaveAtHome.ts';

const rigId = 'tern-and-saltbush';
const start = () => exampleWorkspace('australian-wagon-and-tandem');
const viewOf = (workspace: Workspace) => viewRig(workspace, rigId)!;

describe('what could stay at home', () => {
  it('lists what was never used first, the heavier before the lighter, and not what was always used', () => {
    const workspace = start();
    const list = leaveAtHome(viewOf(workspace), workspace.trips);
    expect(list.slice(0, 2).map(({ thing, used, carried }) => [thing, used, carried])).toEqual([
      ['au-second-spare-wheel', 0, 2],
      ['au-recovery-kit', 0, 2],
    ]);
    expect(list.slice(2).every((one) => one.used === 1)).toBe(true);
    expect(list.some((one) => one.thing === 'au-bedding')).toBe(false);
    expect(leaveAtHome(viewOf(workspace), [])).toEqual([]);
  });

  it('follows a trip that is added, taken back, or whose things are given away', () => {
    const trip = { id: 't', name: 'Lake', rig: rigId, carried: [{ thing: 'au-bedding', used: false }] };
    const added = addTrip(start(), trip);
    const names = (workspace: Workspace) => leaveAtHome(viewOf(workspace), workspace.trips).map((one) => one.thing);
    expect(names(added)).toContain('au-bedding');
    expect(names(removeTrip(added, 't'))).not.toContain('au-bedding');
    expect(readParsed(removeThing(added, 'au-bedding')).ok).toBe(true);
    expect(readParsed(addTrip(start(), { ...trip, rig: 'none' })).ok).toBe(false);
    expect(readParsed(addTrip(start(), { ...trip, carried: [{ thing: 'none', used: true }] })).ok).toBe(false);
  });

  it('goes with the rig into a file of its own, and into another yard', () => {
    const own = extractRig(start(), rigId)!;
    expect(own.trips).toHaveLength(3);
    expect(readParsed(own).ok).toBe(true);
    const other = { ...own, things: own.things.map((one) => ({ ...one, mass: one.mass + 1 })) };
    const both = mergeWorkspaces(start(), other);
    expect(both.trips).toHaveLength(6);
    expect(readParsed(both).ok).toBe(true);
  });
});

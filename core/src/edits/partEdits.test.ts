import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import { readParsed } from '../files/readWorkspace.ts';
import type { Placement } from '../loading/loadout.ts';
import { namedParts, partAnew } from '../loading/loadoutChanges.ts';
import { leaveAtHome } from '../road/leaveAtHome.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { loadoutDifferences } from '../verdict/compareLoadouts.ts';
import { placePart, sendThing } from './loadoutEdits.ts';
import { takeRows } from './tableEdits.ts';

const rigId = 'tern-and-saltbush';
const start = exampleWorkspace('australian-wagon-and-tandem');
const loadoutId = viewRig(start, rigId)!.loadout.id;
const placementsOf = (workspace: typeof start): readonly Placement[] =>
  workspace.loadouts.find(({ id }) => id === loadoutId)!.placements;
const four = placementsOf(start).find(({ count }) => count === 4)!;
const partsOf = (workspace: typeof start, thing = four.thing) =>
  placementsOf(workspace).filter((one) => one.thing === thing);
const elsewhere = placementsOf(start).find((one) => one.body === four.body && one.place !== four.place)!;
const there = { body: elsewhere.body, place: elsewhere.place };
const spots = ['one', 'two', 'three'];

describe('a thing in several parts', () => {
  it('is never more or fewer than it was, however its parts are sent about; two never lie just alike', () => {
    const step = fc.record({ at: fc.nat(9), to: fc.nat(2), staying: fc.nat(12), wet: fc.boolean() });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        let all: readonly Placement[] = [
          { thing: 't', count: 12, body: 'b', place: 'one' },
          { thing: 'other', count: 3, body: 'b', place: 'one' },
        ];
        for (const { at, to, staying, wet } of steps) {
          const own = all.filter(({ thing }) => thing === 't');
          const part = own[at % own.length]!;
          const rest = staying % part.count;
          const where = { body: 'b', place: spots[to]!, count: part.count - rest, wet: wet || undefined };
          all = partAnew(all, { ...part }, where, rest);
        }
        const own = all.filter(({ thing }) => thing === 't');
        expect(own.reduce((sum, { count }) => sum + count, 0)).toBe(12);
        expect(new Set(own.map(({ place, wet }) => `${place} ${wet ?? false}`)).size).toBe(own.length);
        expect(all.filter(({ thing }) => thing === 'other')).toEqual([
          { thing: 'other', count: 3, body: 'b', place: 'one' },
        ]);
        expect(new Set(namedParts(all).map(({ key }) => key)).size).toBe(all.length);
      }),
    );
  });

  it('keeps the names of its parts while one is put elsewhere', () => {
    const parted = placePart(start, loadoutId, four, { ...there, count: 1 }, 3);
    const names = (workspace: typeof start) =>
      namedParts(placementsOf(workspace)).filter(({ placement }) => placement.thing === four.thing);
    expect(names(start).map(({ key, parted: more }) => [key, more])).toEqual([[four.thing, false]]);
    expect(names(parted).map(({ key, parted: more }) => [key, more])).toEqual([
      [four.thing, true],
      [`${four.thing}~2`, true],
    ]);
    const third = placementsOf(start).find((one) => ![four.place, there.place].includes(one.place))!;
    const moved = placePart(parted, loadoutId, names(parted)[1]!.placement, {
      body: third.body,
      place: third.place,
      count: 1,
    });
    expect(names(moved)[1]).toMatchObject({ key: `${four.thing}~2`, placement: { place: third.place, count: 1 } });
    expect(names(moved)[0]).toMatchObject({ placement: { ...four, count: 3 } });
    expect(readParsed(moved)).toEqual({ ok: true, workspace: moved });
  });

  it('loads the rig as its pieces do, and coming together again it is as before', () => {
    const view = viewRig(start, rigId)!;
    const parted = placePart(start, loadoutId, four, { ...there, count: 1 }, 3);
    const total = (workspace: typeof start) => {
      const { trailerTotal } = assess(viewRig(workspace, rigId)!).loads.values;
      return trailerTotal?.kind === 'known' ? trailerTotal.value : Number.NaN;
    };
    expect(total(parted)).toBeCloseTo(total(start), 9);
    const [, part] = partsOf(parted);
    const again = placePart(parted, loadoutId, part!, { ...four, count: 1 });
    expect(viewRig(again, rigId)!.loadout).toEqual(view.loadout);
    expect(placePart(start, loadoutId, { ...four, place: 'nowhere' }, null)).toEqual(start);
  });

  it('is sent so many at a time, none is lost, and all of it where nobody says how many', () => {
    const counts = (workspace: typeof start) => partsOf(workspace).map(({ place, count }) => [place, count]);
    const one = sendThing(start, loadoutId, four.thing, there, 1);
    expect(counts(one)).toEqual([
      [four.place, 3],
      [there.place, 1],
    ]);
    const three = sendThing(one, loadoutId, four.thing, there, 2);
    expect(counts(three)).toEqual([
      [four.place, 1],
      [there.place, 3],
    ]);
    expect(counts(sendThing(three, loadoutId, four.thing, there, undefined))).toEqual([[there.place, 4]]);
    expect(counts(sendThing(three, loadoutId, four.thing, null, 1))).toEqual([[there.place, 3]]);
    expect(counts(sendThing(three, loadoutId, four.thing, null, undefined))).toEqual([]);
    // More than lie there come from home.
    expect(counts(sendThing(three, loadoutId, four.thing, there, 6))).toEqual([[there.place, 6]]);
    const home = start.things.find(({ id }) => !placementsOf(start).some((two) => two.thing === id))!;
    expect(partsOf(sendThing(start, loadoutId, home.id, there, 2), home.id)).toEqual([
      { thing: home.id, ...there, count: 2 },
    ]);
  });

  it('comes back out of a table as it lay, and stays as it lies where the table does not speak of it', () => {
    const parted = placePart(start, loadoutId, four, { ...there, count: 1, wet: true }, 3);
    const thing = start.things.find(({ id }) => id === four.thing)!;
    const row = (count: number, place: string) => ({
      line: 2,
      name: thing.name,
      mass: thing.mass,
      count,
      place: { key: place, name: place },
    });
    const at = (place: string) => ({ body: four.body, place });
    const newId = () => 'new';
    const again = takeRows(parted, loadoutId, [row(3, four.place), row(1, there.place)], newId, at);
    expect(partsOf(again)).toEqual(partsOf(parted));
    const other = { ...row(1, four.place), name: 'Something else' };
    expect(partsOf(takeRows(parted, loadoutId, [other], newId, at))).toEqual(partsOf(parted));
    expect(partsOf(takeRows(parted, loadoutId, [row(4, there.place)], newId, at))).toEqual([
      { ...four, ...there, count: 4, wet: true },
    ]);
    const home = takeRows(parted, loadoutId, [{ ...row(1, ''), place: null }], newId, at);
    expect(partsOf(home)).toEqual([]);
  });

  it('is one thing to leave at home, with the mass of all its parts', () => {
    const trip = { id: 't', name: 'T', rig: rigId, carried: [{ thing: four.thing, used: false }] };
    const parted = placePart(start, loadoutId, four, { ...there, count: 1 }, 3);
    const thing = start.things.find(({ id }) => id === four.thing)!;
    const wanted = leaveAtHome(viewRig(parted, rigId)!, [trip]).filter((one) => one.thing === four.thing);
    expect(wanted).toHaveLength(1);
    expect(wanted[0]?.mass).toBeCloseTo(4 * thing.mass, 9);
  });

  it('differs place by place from a loadout in which it lies together', () => {
    const parted = placePart(start, loadoutId, four, { ...there, count: 1 }, 3);
    const thing = start.things.find(({ id }) => id === four.thing)!;
    const lists = [start, parted].map((workspace) => assess(viewRig(workspace, rigId)!));
    const rows = loadoutDifferences(lists);
    expect(rows.every(({ name }) => name === thing.name)).toBe(true);
    const masses = rows.map(({ each }) => each.map((one) => Number(((one?.mass ?? 0) / thing.mass).toFixed(6))));
    expect(masses.sort((a, b) => b[0]! - a[0]!)).toEqual([
      [4, 3],
      [0, 1],
    ]);
  });
});

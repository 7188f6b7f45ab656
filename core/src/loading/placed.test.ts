import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Workspace } from '../document/workspace.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { addFitting, removeFitting } from '../edits/fittingEdits.ts';
import { addPart, removeSeat } from '../edits/bodyEdits.ts';
import { changeThing, placeThing, setFittingPosition } from '../edits/loadoutEdits.ts';
import { placePreviews } from '../limits/placePreview.ts';
import { ballMoves } from '../balance/ballMoves.ts';
import { roomInPlaces } from '../limits/roomInPlaces.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { compile } from '../loads/compile.ts';
import { fittedNet } from './loadoutLoads.ts';
import { placedMass, placedX } from './placed.ts';
import { mayGo } from './placing.ts';
import { viewRig } from '../document/viewRig.ts';

const rigId = 'tern-and-saltbush';
const loadout = 'two-of-us';
const caravan = 'saltbush-19';
const start = () => exampleWorkspace('australian-wagon-and-tandem');
const viewOf = (workspace: Workspace) => viewRig(workspace, rigId)!;
const value = (workspace: Workspace, name: 'ballLoad' | 'trailerTotal' | 'frontAxle') => {
  const found = compile(viewOf(workspace)).values[name];
  return found.kind === 'known' ? found.value : NaN;
};

describe('a thing where it lies', () => {
  const awning = { id: 'a', name: 'Awning', mass: 28, wetMass: 36.5, heavyEnd: 0.3 };

  it('weighs more wet, where somebody has said how much', () => {
    expect(placedMass(awning, { count: 2 })).toBe(56);
    expect(placedMass(awning, { count: 2, wet: true })).toBe(73);
    expect(placedMass({ id: 'b', name: 'Pan', mass: 3 }, { count: 1, wet: true })).toBe(3);
  });

  it('acts at its heavy end, which lies to the front until it is turned', () => {
    expect(placedX(awning, { count: 1 }, { x: 4 })).toBeCloseTo(3.7);
    expect(placedX(awning, { count: 1, turned: true }, { x: 4 })).toBeCloseTo(4.3);
    expect(placedX(awning, { count: 1, x: 2 }, { x: 4 })).toBeCloseTo(1.7);
    expect(placedX(awning, { count: 1 }, {})).toBeNull();
  });

  it('changes the load on the coupling by twice its arm when it is turned round', () => {
    const id = 'au-awning-walls-and-poles';
    const heavy = changeThing(start(), id, { heavyEnd: 0.5 });
    const placement = viewOf(heavy).loadout.placements.find((one) => one.thing === id)!;
    expect(placement.body).toBe(caravan);
    const turned = placeThing(heavy, loadout, id, { ...placement, turned: true });
    const axle = 4.55;
    expect(value(turned, 'ballLoad') - value(heavy, 'ballLoad')).toBeCloseTo((-28 * 2 * 0.5) / axle, 6);
    expect(ballMoves(assess(viewOf(heavy))).every((move) => move.kind !== 'turn' || move.name !== '')).toBe(true);
  });

  it('keeps being wet and turned when it is carried elsewhere, until somebody says otherwise', () => {
    const id = 'au-ground-mat';
    const spot = { body: caravan, place: 'front-boot', count: 1 };
    const wet = placeThing(start(), loadout, id, { ...spot, wet: true, turned: true });
    const moved = placeThing(wet, loadout, id, { ...spot, place: 'tunnel' });
    expect(viewOf(moved).loadout.placements.find((one) => one.thing === id)).toMatchObject({ wet: true, turned: true });
    const dry = placeThing(moved, loadout, id, { ...spot, wet: undefined });
    expect(viewOf(dry).loadout.placements.find((one) => one.thing === id)).not.toHaveProperty('wet');
    expect(value(moved, 'trailerTotal') - value(dry, 'trailerTotal')).toBeCloseTo(12 - 7.5, 6);
  });

  it('goes only where its owner lets it: the preview marks other places, and no advice puts it there', () => {
    const kayak = { onlyIn: ['roof' as const, 'rack' as const] };
    expect(mayGo(kayak, { kind: 'roof' })).toBe(true);
    expect(mayGo(kayak, { kind: 'floor' })).toBe(false);
    expect(mayGo({}, { kind: 'floor' })).toBe(true);
    const view = viewOf(start());
    const { checks } = assess(view);
    const previews = placePreviews(roomInPlaces(view, checks), checks, { mass: 24, ...kayak });
    expect(previews.filter((one) => !one.barred).map((one) => one.place)).toEqual(['roof-tray', 'rear-bar']);
    const only = viewOf(
      view.loadout.placements.reduce(
        (workspace, { thing }) => changeThing(workspace, thing, { onlyIn: ['rack'] }),
        start(),
      ),
    );
    const goals = ballMoves(assess(only)).flatMap((move) => move.to?.place ?? []);
    expect(goals.every((place) => place === 'rear-bar')).toBe(true);
  });

  it('with a heavy end is previewed as a full evaluation would say', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 1, noNaN: true }), fc.boolean(), (heavyEnd, turned) => {
        const id = 'au-recovery-kit';
        const workspace = changeThing(start(), id, { heavyEnd });
        const view = viewOf(workspace);
        const before = assess(view);
        const from = view.loadout.placements.find((one) => one.thing === id)!;
        const lean = turned ? heavyEnd : -heavyEnd;
        const held = placeThing(workspace, loadout, id, { ...from, turned });
        const { checks } = assess(viewOf(held));
        const room = roomInPlaces(view, before.checks);
        const preview = placePreviews(room, checks, { mass: 31, from, lean }).find((one) => one.place === 'front-boot');
        const spot = { body: caravan, place: 'front-boot', count: 1 };
        const after = assess(viewOf(placeThing(held, loadout, id, spot)));
        const same = after.checks.find((check) => check.id === preview?.binding?.id);
        expect(same?.margin).toBeCloseTo(preview?.left ?? NaN, 6);
      }),
      { numRuns: 10 },
    );
  });
});

describe('a part that moves', () => {
  const bed = {
    id: 'bed',
    name: 'Lifting bed',
    mass: 60,
    positions: [
      { id: 'up', name: 'up', x: 2 },
      { id: 'down', name: 'down', x: 3.2 },
    ],
    emptyAt: 'up',
  };

  it('changes nothing where the empty figure has it, and moves its moment elsewhere', () => {
    const plain = start();
    const fitted = addFitting(plain, caravan, bed);
    expect(value(fitted, 'ballLoad')).toBeCloseTo(value(plain, 'ballLoad'), 9);
    const down = setFittingPosition(fitted, loadout, caravan, 'bed', 'down');
    expect(value(down, 'trailerTotal')).toBeCloseTo(value(plain, 'trailerTotal'), 9);
    expect(value(down, 'ballLoad') - value(plain, 'ballLoad')).toBeCloseTo((-60 * 1.2) / 4.55, 9);
    expect(readParsed(down)).toEqual({ ok: true, workspace: down });
    const gone = removeFitting(down, caravan, 'bed');
    expect(value(gone, 'ballLoad')).toBeCloseTo(value(plain, 'ballLoad'), 9);
    expect(readParsed(gone).ok).toBe(true);
  });

  it('must stand in one of its own positions', () => {
    const lost = setFittingPosition(addFitting(start(), caravan, bed), loadout, caravan, 'bed', 'sideways');
    expect(readParsed(lost).ok).toBe(false);
    expect(readParsed(addFitting(start(), caravan, { ...bed, emptyAt: 'nowhere' })).ok).toBe(false);
  });
});

describe('a seat that was taken out', () => {
  const out = () =>
    addPart(start(), 'tern-wagon', 'fitted', {
      id: 'no-bench',
      name: 'Second row out',
      off: { mass: 38, x: 2.3 },
      seat: 'second-row',
      inEmptyMass: 'no',
    });

  it('takes its mass off, seats nobody, and says that papers may still count it', () => {
    const totals = [start(), out()].map((one) => compile(viewOf(one)).values.vehicleSolo);
    const [before, after] = totals.map((one) => (one.kind === 'known' ? one.value : NaN));
    expect((before ?? 0) - (after ?? 0)).toBeCloseTo(38, 6);
    const seats = (workspace: Workspace) => assess(viewOf(workspace)).checks.find((one) => one.rule === 'people.seats');
    expect([seats(start())?.limit, seats(out())?.limit]).toEqual([3, 2]);
    expect(seats(start())?.notes.map(({ key }) => key)).toEqual([]);
    expect(seats(out())?.notes.map(({ key }) => key)).toEqual(['check.note.seatsOut']);
    // The dog sat there: where its mass acts is not known any more.
    expect(compile(viewOf(out())).values.frontAxle.kind).toBe('unknown');
  });

  it('must be a seat of the vehicle, and is forgotten with it', () => {
    const gone = removeSeat(out(), 'tern-wagon', 'second-row');
    expect(readParsed(gone).ok).toBe(true);
    const wrong = addPart(start(), caravan, 'fitted', {
      id: 'x',
      name: 'x',
      off: { mass: 1 },
      seat: 'driver',
      inEmptyMass: 'no',
    });
    expect(readParsed(wrong).ok).toBe(false);
  });
});

describe('what was fitted since', () => {
  it('adds what its loads add: whole, half where nobody knows, nothing where the empty figure has it', () => {
    const [body] = start().bodies;
    const part = (id: string, inEmptyMass: 'yes' | 'no' | 'unknown', on: number, off?: number) => ({
      ...{ id, name: id, inEmptyMass, on: { mass: on } },
      ...(off === undefined ? {} : { off: { mass: off } }),
    });
    const fitted = [part('a', 'no', 64, 9), part('b', 'unknown', 30, 10), part('c', 'yes', 500)];
    expect(fittedNet({ ...body!, fitted })).toBe(55 + 10);
    expect(fittedNet({ ...body!, fitted: [] })).toBe(0);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readParsed } from '../files/readWorkspace.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import {
  addPart,
  addSeat,
  changePart,
  removePart,
  removeSeat,
  renameBody,
  setFacts,
  setEmptyMass,
  setFigure,
  setGeometry,
  setSeat,
} from './bodyEdits.ts';
import {
  addCrew,
  addThing,
  changeCrew,
  changeThing,
  placeThing,
  removeCrew,
  removeThing,
  setTankLevel,
} from './loadoutEdits.ts';
import { addNewRig, type NewRig } from './newRig.ts';
import { removeRig } from './removeRig.ts';
import { changeSituation, renameRig } from './rigEdits.ts';

const start = () => exampleWorkspace('german-estate-and-caravan');
const car = 'dohle-kombi';
const caravan = 'kiebitz-430';
const trip = 'family-week';
const counter = () => {
  let n = 0;
  return () => `id-${(n += 1)}`;
};
const tools = () => ({ newId: counter(), word: (message: { key: string }) => message.key });

describe('edits', () => {
  it('leave the document they started from as it was', () => {
    const before = start();
    const copy = structuredClone(before);
    let after: Workspace = before;
    after = setFigure(after, car, 'p1', { limit: 'vehicleMax' }, { value: 2000, typed: '2000' });
    after = placeThing(after, trip, 'de-pushchair', null);
    after = removePart(after, caravan, 'places', 'heck');
    after = removeRig(after, 'dohle-and-kiebitz');
    expect(before).toEqual(copy);
    expect(after).not.toEqual(before);
  });

  it('keep the document readable, whatever order they come in', () => {
    const mass = fc.double({ min: 0.001, max: 3000, noNaN: true });
    const edit = fc.oneof(
      mass.map(
        (value) => (d: Workspace) => setFigure(d, car, 'p1', { limit: 'rearAxleMax' }, { value, typed: `${value}` }),
      ),
      fc.constant((d: Workspace) => setFigure(d, car, 'p1', { limit: 'rearAxleMax' }, null)),
      fc
        .double({ min: 1, max: 5, noNaN: true })
        .map((wheelbase) => (d: Workspace) => setGeometry(d, car, { wheelbase })),
      fc.constant((d: Workspace) => setGeometry(d, caravan, { axlePosition: undefined })),
      mass.map((total) => (d: Workspace) => setEmptyMass(d, caravan, { total })),
      fc
        .constantFrom('heck', 'kueche', 'bug')
        .map((place) => (d: Workspace) => removePart(d, caravan, 'places', place)),
      fc.constant((d: Workspace) => removePart(d, caravan, 'tanks', 'gas')),
      mass.map((one) => (d: Workspace) => changeThing(d, 'de-awning', { mass: one })),
      fc.constant((d: Workspace) => removeThing(d, 'de-awning')),
      fc
        .nat({ max: 2000 })
        .map((n) => n / 1000)
        .map((fraction) => (d: Workspace) => setTankLevel(d, trip, car, 'benzin', fraction)),
      fc.constant((d: Workspace) => removeCrew(d, trip, 'c2')),
      fc.constant((d: Workspace) => changeCrew(d, trip, 'c1', { seat: undefined })),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 12 }), (edits) => {
        const after = edits.reduce((document, one) => one(document), start());
        expect(readParsed(after)).toMatchObject({ ok: true });
        const view = viewRig(after, 'dohle-and-kiebitz');
        expect(view && assess(view).checks.length).toBeGreaterThan(10);
      }),
    );
  });

  it('write and wipe a figure', () => {
    const read = (d: Workspace) => d.bodies[0]?.plates[0]?.figures.find((one) => one.limit === 'combinationMax');
    const written = setFigure(start(), car, 'p1', { limit: 'combinationMax' }, { value: 3400, typed: '3.4 t' });
    expect(read(written)).toEqual({ limit: 'combinationMax', value: 3400, typed: '3.4 t' });
    expect(read(setFigure(written, car, 'p1', { limit: 'combinationMax' }, null))).toBeUndefined();
  });

  it('take a field away when it is given as unknown', () => {
    const without = setGeometry(start(), car, { wheelbase: undefined });
    expect('wheelbase' in (without.bodies[0]?.geometry ?? {})).toBe(false);
    const place = changePart(start(), car, 'places', 'kofferraum', { x: undefined }).bodies[0]?.places[0];
    expect(place && 'x' in place).toBe(false);
  });

  it('send things home when their place goes, and take their tank’s level along', () => {
    const noPlace = removePart(start(), caravan, 'places', 'heck');
    expect(noPlace.loadouts[0]?.placements.some((one) => one.place === 'heck')).toBe(false);
    const noTank = removePart(start(), caravan, 'tanks', 'gas');
    expect(noTank.loadouts[0]?.tankLevels.some((one) => one.tank === 'gas')).toBe(false);
  });

  it('move a thing without losing its turn in the list', () => {
    const order = (d: Workspace) => d.loadouts[0]?.placements.map((one) => one.thing);
    const moved = placeThing(start(), trip, 'de-pushchair', { body: caravan, place: 'bug', count: 3 });
    expect(order(moved)).toEqual(order(start()));
    expect(moved.loadouts[0]?.placements.find((one) => one.thing === 'de-pushchair')).toMatchObject({
      place: 'bug',
      count: 3,
    });
  });

  it('leave who sat in a seat on board, without a seat, when it is taken out', () => {
    const more = addSeat(start(), car, { id: 'jump', name: 'jump seat', x: 2.9 });
    const seated = changeCrew(more, trip, 'c1', { seat: 'jump' });
    const gone = removeSeat(seated, car, 'jump');
    expect(gone.loadouts[0]?.crew[0]).toMatchObject({ id: 'c1' });
    expect(gone.loadouts[0]?.crew[0]).not.toHaveProperty('seat');
    const view = viewRig(gone, 'dohle-and-kiebitz');
    const front = view && assess(view).loads.values.frontAxle;
    expect(front).toMatchObject({ kind: 'unknown', missing: [{ code: 'position', item: 'c1' }] });
    expect(readParsed(gone).ok).toBe(true);
  });

  it('cover people, parts, names, seats, brakes and situations', () => {
    let d = addCrew(start(), trip, { id: 'guest', name: 'Guest', mass: 70 });
    expect(d.loadouts[0]?.crew).toHaveLength(5);
    d = removeCrew(d, trip, 'guest');
    d = addPart(d, car, 'places', { id: 'shelf', name: 'shelf', kind: 'cupboard', x: 2 });
    d = addThing(d, { id: 'hat', name: 'hat', mass: 0.2 });
    d = renameBody(d, car, 'Other');
    d = renameRig(d, 'dohle-and-kiebitz', 'Ours');
    d = setSeat(d, car, 'fahrer', { x: 1.4 });
    d = setFacts(d, caravan, { braked: false });
    d = changeSituation(d, 'germany', { reserve: 20 });
    expect(readParsed(d).ok).toBe(true);
    const view = viewRig(d, 'dohle-and-kiebitz');
    expect(view).toMatchObject({
      rig: { name: 'Ours' },
      vehicle: { name: 'Other', seats: [{ x: 1.4 }, {}, {}, {}] },
      trailer: { braked: false },
      situation: { reserve: 20 },
    });
    expect(changeSituation(d, 'germany', { reserve: undefined }).situations[0]).not.toHaveProperty('reserve');
  });
});

describe('a new rig', () => {
  const wanted: NewRig = { name: 'Ours', vehicleName: 'Car', build: 'wagon', trailerName: 'Van', country: 'AU' };

  it('can be read back, knows nothing and says so without an exception', () => {
    const { workspace, rigId } = addNewRig(emptyWorkspace('w', 'w'), wanted, tools());
    expect(readParsed(workspace).ok).toBe(true);
    const view = viewRig(workspace, rigId);
    const found = view && assess(view);
    expect(found).toMatchObject({ legal: null, mark: 'undecided' });
    expect(found?.checks.every((check) => check.margin === null)).toBe(true);
  });

  it('gets its starter places from the lengths given', () => {
    const lengths = { wheelbase: 2.8, rearOverhang: 1.1, axlePosition: 4, drawbarLength: 1.2, bodyLength: 5 };
    const { workspace } = addNewRig(emptyWorkspace('w', 'w'), { ...wanted, ...lengths, axles: 2 }, tools());
    const places = workspace.bodies.flatMap((body) => body.places);
    expect(places.every((place) => place.x !== undefined)).toBe(true);
    expect(places.find((place) => place.name === 'starter.overAxles')?.x).toBe(4);
  });

  it('without a trailer has one body, and plates of its country', () => {
    const { workspace } = addNewRig(emptyWorkspace('w', 'w'), { ...wanted, trailerName: null, country: 'DE' }, tools());
    expect(workspace.bodies).toHaveLength(1);
    expect(workspace.bodies[0]?.plates.map((plate) => plate.source)).toEqual([
      'registration',
      'vehiclePlate',
      'towBar',
    ]);
  });

  it('goes again with its bodies, loadout and situation', () => {
    const { workspace, rigId } = addNewRig(start(), wanted, tools());
    expect(removeRig(workspace, rigId)).toEqual(start());
  });
});

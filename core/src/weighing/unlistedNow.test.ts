import { describe, expect, it } from 'vitest';
import { exampleWorkspace } from '../testing/examples.ts';
import { cameSince, foundInTank, foundOnBody, foundOnSeat, foundThing, wasSoThen } from '../edits/unlistedEdits.ts';
import { removeThing } from '../edits/loadoutEdits.ts';
import { viewRig } from '../document/viewRig.ts';
import type { Workspace } from '../document/workspace.ts';
import { shown, ticketOf, type Stood } from '../testing/weighed.ts';
import { assess } from '../verdict/assess.ts';
import { askedSince } from './askedSince.ts';
import { unlistedNow } from './unlistedNow.ts';

const [kg, x] = [63, 4.1];
const stood: readonly Stood[] = [
  { state: 'uncoupled', on: ['trailer'], support: 'ball' },
  { state: 'uncoupled', on: ['ball'], support: 'ball' },
];
/** The example with a slip that found 63 kg nobody listed on the trailer, 4.1 m behind its coupling. */
function weighed(): Workspace {
  const document = exampleWorkspace('australian-wagon-and-tandem');
  const [rig] = document.rigs;
  const plan = rig && viewRig({ ...document, tickets: [] }, rig.id);
  const axles = plan?.trailer?.geometry.axlePosition;
  if (!plan || axles === undefined) throw new Error('no rig');
  const more = [(kg * x) / axles, kg * (1 - x / axles)];
  const readings = stood.map((one, at) => ({ ...one, value: shown(plan, one) + (more[at] ?? 0) }));
  const slip = { id: 'slip', date: '2026-05-03', loadout: structuredClone(plan.loadout) };
  return { ...document, tickets: [ticketOf(plan, readings, 1, slip)] };
}
const viewOf = (document: Workspace) => {
  const view = viewRig(document, document.rigs[0]?.id ?? '');
  if (!view) throw new Error('no rig');
  return view;
};
const found = (document: Workspace) => unlistedNow(assess(viewOf(document)).loads);
const asked = (document: Workspace) => askedSince(assess(viewOf(document)).loads);
const total = (document: Workspace): number => {
  const value = assess(viewOf(document)).loads.values.trailerTotal;
  return value.kind === 'known' ? value.value : NaN;
};
const on = (document: Workspace) => ({ ticket: 'slip', loadout: document.loadouts[0]?.id ?? '' });

describe('what nobody listed', () => {
  it('is so many kilograms, and must sit where it was put', () => {
    const [one] = found(weighed());
    expect(one?.mass).toBeCloseTo(kg, 6);
    expect(one?.x).toBeCloseTo(x, 6);
    expect(one?.inside).toBe(true);
    expect(one?.ticket.id).toBe('slip');
  });

  it('is explained by what it is said to be, without the rig growing heavier by it', () => {
    const document = weighed();
    const [one] = found(document);
    const trailer = document.bodies.find(({ id }) => id === one?.body);
    const place = trailer?.places.find(({ x }) => x !== undefined);
    if (!one || !trailer || !place || one.x === null) throw new Error('nothing found');
    const ways = [
      foundOnBody(
        document,
        { body: one.body, ticket: 'slip', mass: one.mass, x: one.x },
        { newId: () => 'new', name: 'Found' },
      ),
      foundThing(document, on(document), { id: 'new', name: 'Tools', mass: kg }, { body: trailer.id, place: place.id }),
    ];
    for (const next of ways) {
      expect(found(next)).toEqual([]);
      expect(total(next)).toBeCloseTo(total(document), 6);
    }
    // What is known to be a thing leaves with it.
    const [, listed = document] = ways;
    const away = {
      ...listed,
      loadouts: listed.loadouts.map((each) => ({
        ...each,
        placements: each.placements.filter(({ thing }) => thing !== 'new'),
      })),
    };
    expect(total(away)).toBeCloseTo(total(document) - kg, 6);
  });

  it('may be water in a tank, or somebody on a seat', () => {
    const document = weighed();
    const tank = viewOf(document).trailer?.tanks.find(({ kind }) => kind === 'fresh');
    const body = viewOf(document).trailer?.id ?? '';
    if (!tank?.capacityL) throw new Error('no tank');
    const level =
      document.loadouts[0]?.tankLevels.find((each) => each.body === body && each.tank === tank.id)?.fraction ?? 0;
    const water = level > 0.5 ? -20 : 20;
    const next = foundInTank(document, on(document), { body, tank: tank.id, fraction: level + water / tank.capacityL });
    expect(found(next)[0]?.mass).toBeCloseTo(kg - water, 6);
    expect(total(next)).toBeCloseTo(total(document), 6);
    const seated = foundOnSeat(document, on(document), { id: 'guest', name: 'Guest', mass: 75, seat: 'nowhere' });
    expect(seated.tickets[0]?.loadout?.crew.at(-1)?.id).toBe('guest');
    expect(seated.loadouts[0]?.crew.at(-1)?.id).toBe('guest');
  });
});

describe('what was entered or deleted after a slip', () => {
  const [first] =
    exampleWorkspace('australian-wagon-and-tandem').loadouts[0]?.placements.filter(
      ({ body }) => body === viewOf(weighed()).trailer?.id,
    ) ?? [];

  it('stays on board while nobody has said that a deleted thing went since', () => {
    const document = weighed();
    const thing = document.things.find(({ id }) => id === first?.thing);
    if (!thing || !first) throw new Error('nothing in the trailer');
    const deleted = removeThing(document, thing.id);
    expect(total(deleted)).toBeCloseTo(total(document), 6);
    expect(asked(deleted)).toMatchObject([{ kind: 'deleted', id: thing.id, mass: thing.mass * first.count }]);
    const gone = cameSince(deleted, 'slip', thing.id);
    expect(asked(gone)).toEqual([]);
    expect(total(gone)).toBeCloseTo(total(document) - thing.mass * first.count, 6);
    // It was off the list wrongly already: the scale found as much more.
    const then = wasSoThen(deleted, on(document), thing.id);
    expect(total(then)).toBeCloseTo(total(document), 6);
    expect(found(then)[0]?.mass).toBeCloseTo(kg + thing.mass * first.count, 6);
  });

  it('asks of an older slip too, once for each thing, and the answer holds for all', () => {
    const document = weighed();
    const [slip] = document.tickets;
    const thing = document.things.find(({ id }) => id === first?.thing);
    if (!slip || !thing) throw new Error('no slip');
    const older = { ...slip, id: 'older', date: '2026-02-01' };
    const deleted = removeThing({ ...document, tickets: [older, slip] }, thing.id);
    expect(asked(deleted)).toMatchObject([{ kind: 'deleted', id: thing.id, ticket: 'slip' }]);
    const gone = cameSince(deleted, 'slip', thing.id);
    expect(asked(gone)).toEqual([]);
    expect(gone.tickets.map(({ since }) => since)).toEqual([[thing.id], [thing.id]]);
    // Not on the newer scale, and on the older one by its list: that is asked next.
    expect(asked(wasSoThen(deleted, on(document), thing.id))).toMatchObject([{ id: thing.id, ticket: 'older' }]);
  });

  it('counts what was entered, until it is said to have been on the scale', () => {
    const document = weighed();
    const place = { body: first?.body ?? '', place: first?.place ?? '', count: 1 };
    const entered: Workspace = {
      ...document,
      things: [...document.things, { id: 'kayak', name: 'Kayak', mass: 22 }],
      loadouts: document.loadouts.map((each, at) =>
        at === 0 ? { ...each, placements: [...each.placements, { thing: 'kayak', ...place }] } : each,
      ),
    };
    expect(total(entered)).toBeCloseTo(total(document) + 22, 6);
    expect(asked(entered)).toMatchObject([{ kind: 'entered', id: 'kayak', mass: 22 }]);
    expect(asked(cameSince(entered, 'slip', 'kayak'))).toEqual([]);
    const then = wasSoThen(entered, on(document), 'kayak');
    expect(total(then)).toBeCloseTo(total(document), 6);
    expect(found(then)[0]?.mass).toBeCloseTo(kg - 22, 6);
    expect(asked(then)).toEqual([]);
  });
});

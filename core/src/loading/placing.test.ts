import { describe, expect, it } from 'vitest';
import { ballMoves } from '../balance/ballMoves.ts';
import { moveCandidates } from '../limits/loadMoves.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { decisionsOf } from '../packing/decisions.ts';
import type { PlaceKind } from '../rig/equipment.ts';
import { chances } from '../testing/chances.ts';
import { exampleView } from '../testing/examples.ts';
import { shuffledRig } from '../testing/shuffledRig.ts';
import { assess } from '../verdict/assess.ts';
import { nextStep } from '../verdict/nextStep.ts';
import type { PackingWish } from './packingWish.ts';
import { maySend, type PlaceAt } from './placing.ts';

const at = (kind: PlaceKind, more: Partial<PlaceAt['is']> = {}): PlaceAt => ({
  body: 'van',
  is: { id: kind, kind, ...more },
});
const box = { id: 'box' };
const may = (thing: Parameters<typeof maySend>[0], from: PlaceKind, to: PlaceKind, wish: PackingWish = {}) =>
  maySend(thing, at(from), at(to), wish);

describe('advice on where a thing may go', () => {
  it('keeps gas lockers to gas, and what is in them there', () => {
    expect(may(box, 'locker', 'gasLocker')).toBe(false);
    expect(may({ ...box, like: 'gas11' }, 'locker', 'gasLocker')).toBe(true);
    expect(may({ ...box, like: 'foldingChair' }, 'locker', 'gasLocker')).toBe(false);
    expect(may({ ...box, onlyIn: ['gasLocker', 'rack'] }, 'locker', 'gasLocker')).toBe(true);
    expect(may({ ...box, like: 'gas11' }, 'gasLocker', 'locker')).toBe(false);
    expect(may({ ...box, like: 'gas11' }, 'gasLocker', 'gasLocker')).toBe(true);
  });

  it('takes nothing from inside into the open, and what rides there no further in than a garage', () => {
    for (const open of ['rack', 'roof', 'tray'] as const) {
      expect(may(box, 'locker', open)).toBe(false);
      expect(may(box, open, 'locker')).toBe(false);
      expect(may(box, open, 'garage')).toBe(true);
      expect(may(box, open, 'rack')).toBe(true);
    }
    expect(may({ ...box, onlyIn: ['rack', 'boot'] }, 'boot', 'rack')).toBe(true);
  });

  it('puts nothing behind a seat row, unless its owner says that it goes there', () => {
    expect(may(box, 'locker', 'behindSeats')).toBe(false);
    expect(may(box, 'behindSeats', 'locker')).toBe(true);
    expect(may({ ...box, onlyIn: ['behindSeats'] }, 'locker', 'behindSeats')).toBe(true);
  });

  it('keeps lengths and the owner’s wishes', () => {
    expect(maySend({ ...box, length: 1.2 }, at('locker'), at('boot', { length: 1.1 }), {})).toBe(false);
    expect(maySend({ ...box, length: 1.1 }, at('locker'), at('boot', { length: 1.1 }), {})).toBe(true);
    const there = { body: 'van', place: 'boot' };
    expect(may(box, 'locker', 'boot', { closed: [there] })).toBe(false);
    expect(may(box, 'locker', 'boot', { never: [{ thing: 'box', ...there }] })).toBe(false);
    expect(may(box, 'locker', 'boot', { never: [{ thing: 'other', ...there }] })).toBe(true);
    expect(may(box, 'locker', 'boot', { closed: [{ body: 'car', place: 'boot' }] })).toBe(true);
  });
});

/** Where a packing may put each thing, and where single advice may: one set of rules. */
const spots = (
  moves: readonly { id: string; leaves?: string | undefined; to: { body: string; place: string } | null }[],
) => new Set(moves.flatMap(({ id, leaves, to }) => (to ? [`${id} ${leaves ?? ''} ${to.body}/${to.place}`] : [])));

describe('the rules of placing', () => {
  it('are the same for single advice and for a packing, and the owner’s wishes bind both', () => {
    const random = chances(5);
    let sent = 0;
    for (let n = 0; n < 150; n += 1) {
      const plain = shuffledRig(random);
      const places = placedBodies(plain).flatMap(({ body }) =>
        body.places.map(({ id }) => ({ body: body.id, place: id })),
      );
      const things = [...plain.things.keys()];
      const packing: PackingWish = {
        closed: places.filter(() => random.often(0.2)),
        never: things.flatMap((thing) =>
          random.often(0.2) ? [{ thing, ...(random.oneOf(places) ?? places[0]!) }] : [],
        ),
        things: things.flatMap((thing) =>
          random.often(0.3) ? [{ thing, how: random.oneOf(['stays', 'comes', 'spare'] as const) ?? 'stays' }] : [],
        ),
      };
      const view: RigView = { ...plain, loadout: { ...plain.loadout, packing } };
      const single = moveCandidates(view, ['vehicle', 'trailer']).filter(({ kind }) => kind === 'thing');
      const packed = decisionsOf([view], packing, 'all').things.flatMap(({ thing, from, ways }) =>
        ways.filter(({ now }) => now === 0).map(({ to }) => ({ id: thing.id, leaves: from.place, to })),
      );
      sent += single.length;
      expect(spots(single)).toEqual(spots(packed));
      const home = (moves: readonly { id: string; to: unknown }[]) =>
        new Set(moves.filter(({ to }) => to === null).map(({ id }) => id));
      expect(home(single)).toEqual(home(packed));
    }
    expect(sent).toBeGreaterThan(2000);
  });

  it('let no next step and no trim of the demo put anything into a gas locker', () => {
    const view = exampleView('german-estate-and-caravan');
    const locker = view.trailer?.places.find(({ kind }) => kind === 'gasLocker');
    expect(locker).toBeDefined();
    const open = { ...view, loadout: { ...view.loadout, packing: {} } };
    const assessment = assess(open);
    const step = nextStep(assessment, 0);
    expect(step.kind).toBe('mend');
    expect(step.kind === 'mend' ? step.remedy.move?.to?.place : null).not.toBe(locker?.id);
    for (const { to } of ballMoves(assessment)) expect(to?.place).not.toBe(locker?.id);
  });
});

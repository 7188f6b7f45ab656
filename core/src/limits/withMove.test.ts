import { describe, expect, it } from 'vitest';
import { makeMove } from '../edits/moveEdits.ts';
import type { Loadout } from '../loading/loadout.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import type { LoadMove } from './loadMoves.ts';
import { withMove } from './withMove.ts';

const loadout: Loadout = {
  id: 'l',
  name: 'L',
  crew: [],
  placements: [
    { thing: 'awning', count: 2, body: 'a', place: 'front', turned: true, wet: true, x: 1.2 },
    { thing: 'chairs', count: 1, body: 'a', place: 'front' },
  ],
  tankLevels: [
    { body: 'a', tank: 'water', fraction: 1 },
    { body: 'a', tank: 'grey', fraction: 0.5 },
  ],
};
const move = (more: Partial<LoadMove>): LoadMove => ({
  kind: 'thing',
  id: 'awning',
  name: 'Awning',
  body: 'a',
  from: 'front',
  to: null,
  ...more,
});

describe('a loadout after a move', () => {
  it('has a thing elsewhere, as many, as wet and as turned as it lay, but no longer at its spot', () => {
    const to = { body: 'b', place: 'rear', name: 'Rear' };
    expect(withMove(loadout, move({ to })).placements).toEqual([
      { thing: 'awning', count: 2, body: 'b', place: 'rear', turned: true, wet: true },
      loadout.placements[1],
    ]);
  });

  it('has it at home, the other way round, or a tank at its level, and nothing else changed', () => {
    expect(withMove(loadout, move({})).placements).toEqual([loadout.placements[1]]);
    const [turned, other] = withMove(loadout, move({ kind: 'turn' })).placements;
    expect(turned).toEqual({ thing: 'awning', count: 2, body: 'a', place: 'front', wet: true, x: 1.2 });
    expect(other).toBe(loadout.placements[1]);
    const drained = withMove(loadout, move({ kind: 'tank', id: 'grey', fraction: 0 }));
    expect(drained.tankLevels).toEqual([loadout.tankLevels[0], { body: 'a', tank: 'grey', fraction: 0 }]);
  });

  it('is the same one where there is no such thing, and so is a document without such a loadout', () => {
    expect(withMove(loadout, move({ id: 'kite' }))).toBe(loadout);
    const document = exampleWorkspace('german-motorhome');
    expect(makeMove(document, 'no such loadout', move({}))).toBe(document);
  });
});

describe('some of several', () => {
  const five = {
    id: 'l',
    name: 'l',
    crew: [],
    tankLevels: [],
    placements: [{ thing: 't', count: 5, body: 'b', place: 'one' }],
  };
  const to = (place: string) => ({ body: 'b', place, name: place });
  const move = { kind: 'thing', id: 't', name: 't', body: 'b', from: 'one', leaves: 'one' } as const;

  it('go elsewhere or home, the rest stays, and none is lost', () => {
    const parted = withMove(five, { ...move, to: to('two'), count: 2 });
    expect(parted.placements).toEqual([
      { thing: 't', count: 3, body: 'b', place: 'one' },
      { thing: 't', count: 2, body: 'b', place: 'two' },
    ]);
    expect(withMove(parted, { ...move, to: to('two'), count: 3 }).placements).toEqual([
      { thing: 't', count: 5, body: 'b', place: 'two' },
    ]);
    expect(withMove(five, { ...move, to: null, count: 1 }).placements).toEqual([
      { thing: 't', count: 4, body: 'b', place: 'one' },
    ]);
  });

  it('leave what lies in another place alone', () => {
    const parted = withMove(five, { ...move, to: to('two'), count: 2 });
    expect(withMove(parted, { ...move, leaves: 'two', to: to('three') }).placements).toEqual([
      { thing: 't', count: 3, body: 'b', place: 'one' },
      { thing: 't', count: 2, body: 'b', place: 'three' },
    ]);
  });

  it('and a seat is taken by whom the move names', () => {
    const crew = [
      { id: 'a', name: 'a', mass: 70, seat: 's1' },
      { id: 'b', name: 'b', mass: 60 },
    ];
    const moved = withMove({ ...five, crew }, { kind: 'seat', id: 'b', name: 'b', body: 'b', from: '', to: to('s2') });
    expect(moved.crew.map(({ seat }) => seat)).toEqual(['s1', 's2']);
  });
});

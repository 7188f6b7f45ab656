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

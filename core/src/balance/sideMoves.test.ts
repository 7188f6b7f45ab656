import { describe, expect, it } from 'vitest';
import { withMove } from '../limits/withMove.ts';
import type { RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { sideLoads } from './sideLoads.ts';
import { sideMoves } from './sideMoves.ts';

const wagon = exampleView('australian-wagon-and-tandem');

/** Everything in the trailer on its left. */
function lopsided(): RigView {
  const { trailer } = wagon;
  if (!trailer) throw new Error('a trailer');
  const places = trailer.places.map((place, at) => ({ ...place, y: at % 3 === 0 ? -0.7 : 0.7 }));
  const left = places.filter(({ y }) => y > 0);
  const placements = wagon.loadout.placements.map((one, at) =>
    one.body === trailer.id ? { ...one, place: left[at % left.length]?.id ?? one.place } : one,
  );
  return {
    ...wagon,
    trailer: { ...trailer, places, geometry: { ...trailer.geometry, track: 1.9 } },
    loadout: { ...wagon.loadout, placements },
  };
}
const apart = (view: RigView): number => {
  const ends = sideLoads(assess(view).loads).axles.flatMap((one) => one.ends ?? []);
  return Math.max(...ends.map(({ left, right }) => Math.abs(left.load - right.load)));
};

describe('moves that even out left and right', () => {
  it('do what they promise, the most first', () => {
    const view = lopsided();
    const moves = sideMoves(assess(view));
    expect(moves.length).toBeGreaterThan(2);
    for (const move of moves.slice(0, 5)) {
      const after = apart({ ...view, loadout: withMove(view.loadout, move) });
      expect(apart(view) - after).toBeCloseTo(2 * move.evens, 6);
    }
    const evens = moves.map((move) => move.evens);
    expect(evens).toEqual(evens.toSorted((a, b) => b - a));
  });

  it('pass no limit that is kept', () => {
    const view = lopsided();
    const over = (of: RigView) =>
      new Set(
        assess(of)
          .checks.filter(({ status, kind }) => status === 'over' && kind !== 'guidance')
          .map(({ id }) => id),
      );
    const before = over(view);
    for (const move of sideMoves(assess(view)).slice(0, 5)) {
      for (const id of over({ ...view, loadout: withMove(view.loadout, move) })) expect(before.has(id)).toBe(true);
    }
  });

  it('are none where nobody has said on which side things lie', () => {
    const { trailer, vehicle } = wagon;
    const bare = {
      ...wagon,
      trailer: trailer && { ...trailer, geometry: { axles: trailer.geometry.axles } },
      vehicle: vehicle && { ...vehicle, geometry: {} },
    };
    expect(sideMoves(assess(bare))).toEqual([]);
  });
});

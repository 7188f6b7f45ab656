import type { RigView } from '../loading/rigView.ts';
import { chances } from './chances.ts';
import { packingView } from './packingCase.ts';

/** A rig with so many things in so many places, heavy in the nose and at its rear axle, tanks where there are some. */
export function bigPacking(things: number, places: number, tanks: number, seed: number): RigView {
  const { next } = chances(seed);
  const inTrailer = Math.ceil((places * 2) / 3);
  const zones = Array.from({ length: places }, (_, at) => {
    const towed = at < inTrailer;
    const share = towed ? at / Math.max(1, inTrailer - 1) : (at - inTrailer) / Math.max(1, places - inTrailer - 1);
    return {
      id: `place-${at}`,
      body: towed ? ('trailer' as const) : ('vehicle' as const),
      x: Math.round(100 * (towed ? 0.7 + 5.4 * share : 1.2 + 2.2 * share)) / 100,
      capacity: Math.round((2.2 * things * 9) / places + 40 * next()),
    };
  });
  const items = Array.from({ length: things }, (_, at) => ({
    id: `thing-${at}`,
    m: Math.round((1 + 16 * next() ** 2) * 10) / 10,
    allowed: [],
    current: `place-${Math.floor(next() * places * 0.5)}`,
  }));
  const load = items.reduce((sum, { m }) => sum + m, 0);
  const view = packingView({
    rig: {
      vehicle: {
        W: 2.86,
        h: 1.12,
        bare: { R_front: 1080, R_rear: 960 },
        masses: [{ id: 'crew', m: 231, x: 1.6 }],
      },
      trailer: { A: 3.9, axles: 2, bare: { m: 1480, x: 3.68 } },
    },
    zones,
    items,
    limits: {
      trailerMax: Math.round(1480 + 0.82 * load),
      ballMax: 150,
      rearAxleMax: Math.round(1190 + 0.2 * load),
      vehicleMax: Math.round(2330 + 0.4 * load),
      frontAxleMax: 1300,
    },
    objective: 'minMoves',
    fills: Array.from({ length: tanks }, (_, at) => ({
      id: `tank-${at}`,
      body: 'trailer' as const,
      x: 2.4 + 1.1 * at,
      min: 10,
      max: 60,
    })),
  });
  const { things: known, ...rest } = view;
  // Anything may go anywhere, which is the hardest.
  const free = [...known].map(([id, thing]) => [id, { id, name: thing.name, mass: thing.mass }] as const);
  return { ...rest, things: new Map(free) };
}

export const bigWish = (view: RigView) => ({
  noBand: true as const,
  things: [{ thing: 'vehicle-crew', how: 'stays' as const }],
  tanks: (view.trailer?.tanks ?? []).map(({ id }) => ({ body: 'trailer', tank: id, from: 0.2, to: 1 })),
});

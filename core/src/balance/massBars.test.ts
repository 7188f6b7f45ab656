import { describe, expect, it } from 'vitest';
import { verbatim } from '../messages/message.ts';
import { massBars } from './massBars.ts';
import type { MassAlong } from './yawInertia.ts';

const load = (mass: number, x: number, origin: 'thing' | 'empty' = 'thing') =>
  ({
    side: 'trailer',
    body: 'b',
    origin,
    id: `${x}`,
    name: verbatim(`at ${x}`),
    mass,
    sigma: 0,
    x,
    sigmaX: 0,
  }) as const;
const along = (centre: number, ...loads: ReturnType<typeof load>[]): MassAlong => ({
  ...{ side: 'trailer', mass: 1, centre, about: 4, inertia: 0, least: 0 },
  loads,
});

describe('the masses along a body', () => {
  it('stand together within a quarter of a metre, with the steps between them, and without the empty body', () => {
    const found = massBars(along(1.1, load(10, 1.0), load(5, 1.1), load(7, 1.9), load(900, 3, 'empty')));
    expect(found.map(({ x, mass }) => [x, mass])).toEqual([
      [1, 15],
      [1.25, 0],
      [1.5, 0],
      [1.75, 0],
      [2, 7],
    ]);
    expect(found[0]?.names).toEqual([verbatim('at 1'), verbatim('at 1.1')]);
  });

  it('begin at the centre where that lies ahead of all that is loaded, and are none where nothing is', () => {
    expect(massBars(along(0.4, load(10, 1)))[0]).toEqual({ x: 0.25, mass: 0, names: [] });
    expect(massBars(along(1, load(900, 3, 'empty')))).toEqual([]);
  });
});

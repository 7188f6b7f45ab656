import { expect, it } from 'vitest';
import { viewRig } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import van from '../../../../examples/british-van-with-scooter.wagonomos.json';
import { freeSeat } from './freeSeat.ts';

it('gives the first seat that nobody has, and none where all are taken', () => {
  const read = readParsed(van);
  if (!read.ok) throw new Error('the example can be read');
  const view = viewRig(read.workspace, 'sandpiper')!;
  const seats = view.vehicle!.seats.map(({ id }) => id);
  const seated = (taken: readonly string[]) => ({
    ...view,
    loadout: { ...view.loadout, crew: taken.map((seat, at) => ({ id: `p${at}`, name: 'p', mass: 75, seat })) },
  });
  expect(freeSeat(seated([]))).toBe(seats[0]);
  expect(freeSeat(seated(seats.slice(0, 1)))).toBe(seats[1]);
  expect(freeSeat(seated(seats))).toBeUndefined();
});

import { placeContents } from '../loading/placeContents.ts';
import type { RigView } from '../loading/rigView.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { overhangEffect, onWheelbase, type OverhangEffect } from './overhang.ts';

/** Something that sits beyond an axle of the vehicle, or the load on its coupling, on each wheelbase asked for. */
export interface OverhangRow {
  readonly key: string;
  readonly name: Message;
  readonly mass: number;
  /** m behind the front axle, on the vehicle as it is. */
  readonly x: number;
  readonly effects: readonly OverhangEffect[];
}

/**
 * What sits ahead of the front axle or behind the rear one: fitted parts, loaded places, and the load on the coupling; side by
 * side for several wheelbases, the vehicle's own first. Empty where the wheelbase is not known.
 */
export function overhanging(
  view: RigView,
  ballLoad: number | null,
  wheelbases: readonly number[],
): readonly OverhangRow[] {
  const { vehicle } = view;
  const [own] = wheelbases;
  if (!vehicle || own === undefined) return [];
  const contents = placeContents(view);
  const parts = vehicle.fitted.flatMap(({ id, name, on, off }) => [
    ...(on?.x === undefined ? [] : [{ key: `part ${id}`, name: verbatim(name), mass: on.mass, x: on.x }]),
    // What was taken off for it hung there too: it relieves what the new part loads.
    ...(off?.x === undefined
      ? []
      : [{ key: `off ${id}`, name: message('load.takenOff', { name: verbatim(name) }), mass: -off.mass, x: off.x }]),
  ]);
  const places = vehicle.places.flatMap(({ id, name, x }) => {
    const mass = contents.get(`${vehicle.id}/${id}`)?.mass ?? 0;
    return x === undefined || mass === 0 ? [] : [{ key: `place ${id}`, name: verbatim(name), mass, x }];
  });
  const overhang = vehicle.geometry.couplingOverhang;
  const coupling =
    ballLoad === null || overhang === undefined
      ? []
      : [{ key: 'coupling', name: message('overhang.coupling'), mass: ballLoad, x: own + overhang }];
  return [...parts, ...places, ...coupling]
    .filter(({ x }) => x < 0 || x > own)
    .sort((a, b) => a.x - b.x)
    .map((one) => ({ ...one, effects: wheelbases.map((to) => overhangEffect(onWheelbase(one, own, to), to)) }));
}

/** What all rows together put on each axle, kg, for each wheelbase. */
export const overhangTotals = (
  rows: readonly OverhangRow[],
  wheelbases: readonly number[],
): readonly { readonly front: number; readonly rear: number }[] =>
  wheelbases.map((_, at) => ({
    front: rows.reduce((sum, { effects }) => sum + (effects[at]?.front ?? 0), 0),
    rear: rows.reduce((sum, { effects }) => sum + (effects[at]?.rear ?? 0), 0),
  }));

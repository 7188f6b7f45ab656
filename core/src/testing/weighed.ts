import { byDay, viewThen } from '../scale/viewThen.ts';
import type { RigView } from '../loading/rigView.ts';
import { foretold } from '../weighing/foretold.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';

export type Stood = Pick<Reading, 'state' | 'on'> & Partial<Pick<Reading, 'support' | 'bars' | 'side'>>;

/** A whole weighing of a towing rig: the vehicle's axles alone, and both bodies coupled. */
export const fullWeighing: readonly Stood[] = [
  { state: 'uncoupled', on: ['front'] },
  { state: 'uncoupled', on: ['rear'] },
  { state: 'coupled', on: ['front', 'rear'] },
  { state: 'coupled', on: ['trailer'] },
];

/** A slip with these readings, on a scale fine enough to be the truth unless its steps are given. */
export const ticketOf = (
  view: RigView,
  readings: readonly (Stood & { readonly value: number })[],
  graduation = 1,
  more: Partial<Ticket> = {},
): Ticket => ({
  id: 'slip',
  rig: view.rig.id,
  name: 'Slip',
  graduation,
  readings: readings.map((one, at) => ({ ...one, id: `reading-${at}` })),
  ...more,
});

/** What a scale without any error would show of the plan. */
export const shown = (view: RigView, stood: Stood): number =>
  foretold(view, { ...stood, id: 'asked', value: 0 }) ?? NaN;

/** A slip on which the scale shows the plan, each reading changed by so much. */
export const slipOf = (
  view: RigView,
  stood: readonly Stood[],
  graduation = 1,
  more: Partial<Ticket> = {},
  off: readonly number[] = [],
): Ticket =>
  ticketOf(
    view,
    stood.map((one, at) => ({ ...one, value: shown(view, one) + (off[at] ?? 0) })),
    graduation,
    more,
  );

/** The rig with what scales said of it, the newest first. */
export const onScale = (view: RigView, tickets: readonly Ticket[]): RigView => ({
  ...view,
  slips: byDay(tickets)
    .toReversed()
    .map((ticket) => ({ ticket, then: viewThen(view, ticket) })),
});

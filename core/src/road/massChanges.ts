import type { RigView } from '../loading/rigView.ts';
import { onBoard } from '../loads/onBoard.ts';
import type { Message } from '../messages/message.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { ReckonedTrip } from './reckonTrip.ts';
import { whenMessage } from './tripWords.ts';

/** How much heavier (negative: lighter) a vehicle or a trailer becomes on a trip, kg. It needs no empty mass and no length. */
export interface MassChange {
  readonly side: Side;
  /** Where it is heaviest, against the start, and when. */
  readonly most: number;
  readonly when: Message;
  /** At the end, against the start. */
  readonly end: number;
}

/**
 * What comes aboard and goes, side by side: known also where nobody knows what the rig weighs. A side that stays as it is is left out,
 * and of a trailer the moments at which it stands somewhere else.
 */
export function massChanges(trip: ReckonedTrip): readonly MassChange[] {
  const start = massOnBoard(trip.start);
  return (['vehicle', 'trailer'] as const).flatMap((side): readonly MassChange[] => {
    const ways = trip.moments
      .filter(({ view }) => view[side] !== undefined)
      .map((moment) => ({ moment, change: massOnBoard(moment.view)[side] - start[side] }));
    const [first, last] = [ways[0], ways.at(-1)];
    if (!first || !last || ways.every(({ change }) => Math.abs(change) < noticeable)) return [];
    const most = ways.reduce((heaviest, one) => (one.change > heaviest.change + noticeable ? one : heaviest), first);
    return [{ side, most: most.change, when: whenMessage(trip, most.moment), end: last.change }];
  });
}

/** kg: less is no change. */
const noticeable = 0.5;

/** kg of people, tanks and things on each side. */
function massOnBoard(view: RigView): Readonly<Record<Side, number>> {
  const sums = { vehicle: 0, trailer: 0 };
  for (const { side, mass } of onBoard(view)) sums[side] += mass;
  return sums;
}

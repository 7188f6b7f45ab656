import type { RigView } from '../loading/rigView.ts';
import { sumOf } from '../scale/combination.ts';
import { slipPicture } from './measured.ts';
import type { Ticket, WeighedPart } from '../loading/ticket.ts';
import { rollOf, weighedLoads } from '../scale/weighedLoads.ts';

/** A load with one standard deviation, kg. */
export interface Settled {
  readonly value: number;
  readonly se: number;
}

/** What the wheels of one side bear, of an axle or group read by side. */
export interface WeighedSide {
  readonly part: WeighedPart;
  readonly state: 'coupled' | 'uncoupled';
  readonly left: Settled;
  readonly right: Settled;
  /** Left less right, and whether that is more than chance. */
  readonly difference: Settled;
}

const noticeable = 2;

/** Every axle of a slip that was read by side, left and right, in the state in which it was read. */
export function weighedSides(view: RigView, ticket: Ticket): readonly WeighedSide[] {
  const { lengths, estimate } = slipPicture(view, ticket);
  const seen = new Set<string>();
  return ticket.readings.flatMap((reading) => {
    if (!reading.side) return [];
    const loads = weighedLoads(lengths, reading);
    return reading.on.flatMap((part): readonly WeighedSide[] => {
      const key = `${part} ${reading.state}`;
      if (seen.has(key)) return [];
      seen.add(key);
      const roll = { [rollOf(part)]: 1 };
      const left = estimate(sumOf([0.5, loads[part]], [1, roll]));
      const right = estimate(sumOf([0.5, loads[part]], [-1, roll]));
      const difference = estimate(sumOf([2, roll]));
      return left && right && difference ? [{ part, state: reading.state, left, right, difference }] : [];
    });
  });
}

/** Whether one side bears more than chance explains. */
export const isLopsided = ({ difference }: WeighedSide): boolean =>
  Math.abs(difference.value) > noticeable * difference.se;

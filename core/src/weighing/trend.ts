import type { RigView } from '../loading/rigView.ts';
import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { assessTicket, slipPicture } from './measured.ts';
import type { Ticket } from '../loading/ticket.ts';
import { byDay, viewThen } from '../scale/viewThen.ts';
import type { Settled } from './weighedSides.ts';

/** One weighing in the life of a rig. */
export interface TrendPoint {
  readonly ticket: Ticket;
  /** What each body weighed with nothing in it: weighed less people, tanks and things of that day, fitted parts left in. kg. */
  readonly empty: Readonly<Partial<Record<Side, Settled>>>;
  /** What was left to each limit, weighed, kg. */
  readonly margins: readonly { readonly id: Check['id']; readonly name: Check['name']; readonly margin: number }[];
}

/** What a slip can show of a plate. */
const shown: readonly Check['role'][] = ['total', 'axle', 'ballMost'];
const ownMass: readonly string[] = ['empty', 'basis', 'fitted'];

/** Every slip with a day, oldest first. The empty masses only of slips that kept what was on board. */
export function trend(view: RigView, tickets: readonly Ticket[]): readonly TrendPoint[] {
  return byDay(tickets)
    .filter(({ date }) => date !== undefined)
    .map((ticket) => {
      const then = viewThen(view, ticket);
      const { checks } = assessTicket(then, ticket);
      return {
        ticket,
        empty: ticket.loadout ? emptyOf(then, ticket) : {},
        margins: checks.flatMap(({ id, role, name, margin, status }) =>
          shown.includes(role) && margin !== null && status !== 'notApplicable' ? [{ id, name, margin }] : [],
        ),
      };
    });
}

function emptyOf(then: RigView, ticket: Ticket): TrendPoint['empty'] {
  const { planned, estimate } = slipPicture(then, ticket);
  const of = (side: Side): TrendPoint['empty'] => {
    const found = estimate(side === 'vehicle' ? { F: 1, R: 1 } : { B: 1, G: 1 });
    if (!found || !then[side]) return {};
    const inside = planned.points.filter((load) => load.side === side && !ownMass.includes(load.origin));
    const mass = inside.reduce((sum, load) => sum + load.mass, 0);
    return { [side]: { value: found.value - mass, se: Math.hypot(found.se, ...inside.map(({ sigma }) => sigma)) } };
  };
  return { ...of('vehicle'), ...of('trailer') };
}

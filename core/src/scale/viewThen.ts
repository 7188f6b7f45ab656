import type { RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import type { FittedPart } from '../rig/equipment.ts';
import type { Ticket } from '../loading/ticket.ts';

/**
 * The rig as the plan had it when a slip was taken: the loadout kept with the slip where one was kept, and without parts
 * fitted after its day. What was found by weighing counts as fitted on the day of the slip that found it.
 * @param without leaves out parts the plan is not to know of
 */
export function viewThen(view: RigView, ticket: Ticket, without?: (part: FittedPart) => boolean): RigView {
  const later = ({ date }: FittedPart) => date !== undefined && ticket.date !== undefined && date > ticket.date;
  const then = <Kind extends Body>(body: Kind | undefined): Kind | undefined => {
    if (!body?.fitted.some((part) => later(part) || without?.(part))) return body;
    return { ...body, fitted: body.fitted.filter((part) => !later(part) && !without?.(part)) };
  };
  return {
    ...view,
    vehicle: then(view.vehicle),
    trailer: then(view.trailer),
    camper: then(view.camper),
    loadout: ticket.loadout ?? view.loadout,
    things: ticket.gone ? new Map([...view.things, ...ticket.gone.map((one) => [one.id, one] as const)]) : view.things,
    situation: ticket.date === undefined ? view.situation : { ...view.situation, date: ticket.date },
  };
}

/** Slips from the oldest on; those without a day come first, in the order in which they were written. */
export const byDay = (tickets: readonly Ticket[]): readonly Ticket[] =>
  [...tickets].sort((a, b) => when(a).localeCompare(when(b)));

const when = ({ date, time }: Ticket): string => `${date ?? ''} ${time ?? ''}`;

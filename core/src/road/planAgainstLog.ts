import { byTheList } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { judge } from '../verdict/assess.ts';
import { assessTicket } from '../weighing/measured.ts';
import type { Ticket } from '../loading/ticket.ts';
import type { ReckonedTrip } from './reckonTrip.ts';
import type { Section } from './trip.ts';

/** A load as it was reckoned for a moment of a trip, and as a scale showed it then. kg, with one standard deviation. */
interface ReckonedAndWeighed {
  readonly quantity: QuantityName;
  readonly reckoned: { readonly value: number; readonly sigma: number };
  readonly weighed: { readonly value: number; readonly sigma: number };
}

/** A weighing on the way that has its slip. */
export interface WeighedOnTheRoad {
  readonly section: Section;
  readonly ticket: Ticket;
  /** Loads that both know; empty where the slip settles nothing the plan knows. */
  readonly loads: readonly ReckonedAndWeighed[];
}

const compared: readonly QuantityName[] = [
  'vehicleTotal',
  'frontAxle',
  'rearAxle',
  'trailerTotal',
  'trailerAxles',
  'ballLoad',
  'combination',
];

/** What each slip of a trip says beside what was reckoned for its moment: the plan held against the scale. */
export const planAgainstLog = (trip: ReckonedTrip, tickets: readonly Ticket[]): readonly WeighedOnTheRoad[] =>
  trip.sections.flatMap((section): readonly WeighedOnTheRoad[] => {
    const ticket = section.kind === 'weigh' ? tickets.find(({ id }) => id === section.ticket) : undefined;
    const view = trip.steps.find(({ event }) => event.section === section.id)?.after;
    if (!ticket || !view) return [];
    const [planned, scale] = [judge(byTheList(view)).loads.values, assessTicket(view, ticket).loads.values];
    const loads = compared.flatMap((quantity): readonly ReckonedAndWeighed[] => {
      const [reckoned, weighed] = [planned[quantity], scale[quantity]];
      return reckoned.kind === 'known' && weighed.kind === 'known' ? [{ quantity, reckoned, weighed }] : [];
    });
    return [{ section, ticket, loads }];
  });

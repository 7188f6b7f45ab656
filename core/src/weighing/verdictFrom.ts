import { byTheList, type RigView } from '../loading/rigView.ts';
import type { Ticket } from '../loading/ticket.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';
import { assessTicket, type TicketAssessment } from './measured.ts';

/** What a verdict is drawn from: all that is known, or, as a view of its own, the list alone or one slip alone (its id). */
export type VerdictBasis = 'known' | 'plan' | { readonly slip: string };

/** A verdict and what it was drawn from. */
export type BasedVerdict =
  | { readonly from: 'known' | 'plan'; readonly assessment: PlannedAssessment }
  | { readonly from: 'slip'; readonly assessment: TicketAssessment; readonly ticket: Ticket };

/** The verdict, and what it comes from. A slip that is gone falls back to all that is known, and says so; so does a rig without slips to its list. */
export function verdictFrom(view: RigView, tickets: readonly Ticket[], basis: VerdictBasis): BasedVerdict {
  const ticket = typeof basis === 'object' ? tickets.find(({ id }) => id === basis.slip) : undefined;
  if (ticket) return { from: 'slip', assessment: assessTicket(view, ticket), ticket };
  if (basis === 'plan' || !view.slips) return { from: 'plan', assessment: assess(byTheList(view)) };
  return { from: 'known', assessment: assess(view) };
}

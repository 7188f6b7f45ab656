import { isTotal } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import type { FittedPart } from '../rig/equipment.ts';
import type { Side } from '../statics/pointLoad.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';
import { contradictions } from './contradictions.ts';
import { assessTicket, type TicketAssessment } from './measured.ts';
import type { Ticket } from './ticket.ts';
import { unlistedOn, type UnlistedOn } from './unlisted.ts';
import { byDay } from './viewThen.ts';

/** What a verdict is drawn from: the plan, the plan put right by the latest weighing, or one slip alone (its id). */
export type VerdictBasis = 'plan' | 'corrected' | { readonly slip: string };

/** What the latest slip that settles a body found beside the plan of its day. */
export interface Correction {
  readonly side: Side;
  readonly ticket: Ticket;
  readonly found: UnlistedOn;
  /** Whether it is counted: more than chance, and inside the body. */
  readonly counted: boolean;
}

/** A verdict and what it was drawn from. */
export type BasedVerdict =
  | { readonly from: 'plan'; readonly assessment: PlannedAssessment }
  | {
      readonly from: 'corrected';
      readonly assessment: PlannedAssessment;
      readonly corrections: readonly Correction[];
      /** The rig as it is put right. */
      readonly view: RigView;
    }
  | { readonly from: 'slip'; readonly assessment: TicketAssessment; readonly ticket: Ticket };

/** For each body the correction of the latest slip that says anything about it. */
export function corrections(view: RigView, tickets: readonly Ticket[]): readonly Correction[] {
  const latest = [...byDay(tickets)].reverse();
  return (['vehicle', 'trailer'] as const).flatMap((side): readonly Correction[] => {
    for (const ticket of latest) {
      const found = unlistedOn(view, ticket).find((one) => one.side === side);
      if (found) return [{ side, ticket, found, counted: found.x !== null && found.inside !== false }];
    }
    return [];
  });
}

/** The plan with what weighing found on board, at the place where it must sit. */
function correctedView(view: RigView, found: readonly Correction[]): RigView {
  const parts = (side: Side): readonly FittedPart[] =>
    found.flatMap((one) => (one.side === side && one.counted ? [asPart(one)] : []));
  return {
    ...view,
    vehicle: view.vehicle && { ...view.vehicle, fitted: [...view.vehicle.fitted, ...parts('vehicle')] },
    trailer: view.trailer && { ...view.trailer, fitted: [...view.trailer.fitted, ...parts('trailer')] },
  };
}

function asPart({ side, ticket, found }: Correction): FittedPart {
  const change = { mass: Math.abs(found.mass), ...(found.x === null ? {} : { x: found.x }) };
  return {
    id: `found-${side}`,
    name: ticket.name,
    inEmptyMass: 'no',
    foundBy: ticket.id,
    ...(found.mass > 0 ? { on: change } : { off: change }),
  };
}

/**
 * What a verdict is best drawn from where nobody has chosen: the plan as long as it knows what anything weighs in all, put
 * right by the latest slip where one can; else the latest slip that knows it.
 */
export function bestBasis(
  view: RigView,
  plan: Pick<PlannedAssessment, 'checks'>,
  tickets: readonly Ticket[],
): VerdictBasis {
  if (tickets.length === 0) return 'plan';
  if (knowsTotal(plan)) return putsRight(view, tickets) ? 'corrected' : 'plan';
  const told = [...byDay(tickets)].reverse().find((ticket) => knowsTotal(assessTicket(view, ticket)));
  return told ? { slip: told.id } : 'plan';
}

/** Whether a slip says what the plan lacks: one that kept what was on board, and whose readings do not contradict each other. */
const putsRight = (view: RigView, tickets: readonly Ticket[]): boolean =>
  corrections(view, tickets).some(
    ({ counted, ticket }) => counted && ticket.loadout !== undefined && contradictions(view, ticket).length === 0,
  );

const knowsTotal = ({ checks }: Pick<PlannedAssessment, 'checks'>): boolean =>
  checks.some(({ role, demand }) => isTotal({ role }) && demand !== null);

/** The verdict, and what it comes from. A slip that is gone, or a correction no slip supports, falls back to the plan and says so. */
export function verdictFrom(view: RigView, tickets: readonly Ticket[], basis: VerdictBasis): BasedVerdict {
  if (basis === 'corrected') {
    const found = corrections(view, tickets);
    if (found.length > 0) {
      const right = correctedView(view, found);
      return { from: 'corrected', assessment: assess(right), corrections: found, view: right };
    }
  }
  const ticket = typeof basis === 'object' ? tickets.find(({ id }) => id === basis.slip) : undefined;
  if (ticket) return { from: 'slip', assessment: assessTicket(view, ticket), ticket };
  return { from: 'plan', assessment: assess(view) };
}

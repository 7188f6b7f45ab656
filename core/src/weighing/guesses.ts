import type { RigView } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { assessTicket, slipPicture } from './measured.ts';
import { quantityCombinations } from '../scale/slipEquations.ts';
import type { Ticket } from '../loading/ticket.ts';
import { byDay, viewThen } from '../scale/viewThen.ts';

/** One load of one slip: what the plan said before, and what the scale said. kg, one standard deviation each. */
export interface Guess {
  readonly ticket: Ticket;
  readonly quantity: QuantityName;
  readonly planned: number;
  readonly plannedSe: number;
  readonly weighed: number;
  readonly weighedSe: number;
  /** Weighed less planned. */
  readonly missedBy: number;
  /** Inside two standard deviations of both together. */
  readonly inside: boolean;
}

/** How good a plan is, over all of its guesses. kg. */
export interface PlanQuality {
  readonly guesses: number;
  /** Mean of weighed less planned: above zero, the rig is heavier than its plan. */
  readonly bias: number;
  /** Root of the mean square of what it missed by. */
  readonly typical: number;
  /** How many were inside their own ±. */
  readonly inside: number;
}

const compared: readonly QuantityName[] = [
  'frontAxle',
  'rearAxle',
  'vehicleTotal',
  'trailerTotal',
  'ballLoad',
  'combination',
];
const noticeable = 2;

/**
 * What the plan foretold for every slip that kept its loadout, and what was weighed. The plan of that day is taken, without
 * what that slip or a later one has found: else it would have known the answer.
 */
export function guesses(view: RigView, tickets: readonly Ticket[]): readonly Guess[] {
  const order = byDay(tickets);
  return order.flatMap((ticket, at) => {
    if (!ticket.loadout) return [];
    const foundLater = new Set(order.slice(at).map(({ id }) => id));
    const then = viewThen(view, ticket, ({ foundBy }) => foundBy !== undefined && foundLater.has(foundBy));
    const { planned, lengths, estimate } = slipPicture(view, ticket, then);
    const of = quantityCombinations(lengths, planned.lengths.distribution !== undefined);
    return compared.flatMap((quantity): readonly Guess[] => {
      const plan = planned.values[quantity];
      const found = estimate(of[quantity]);
      if (plan.kind !== 'known' || !found || Object.keys(of[quantity]).length === 0) return [];
      const missedBy = found.value - plan.value;
      return [
        {
          ticket,
          quantity,
          planned: plan.value,
          plannedSe: plan.sigma,
          weighed: found.value,
          weighedSe: found.se,
          missedBy,
          inside: Math.abs(missedBy) <= noticeable * Math.hypot(plan.sigma, found.se),
        },
      ];
    });
  });
}

/** What somebody guessed before the scale showed anything, and what it showed. kg. */
export interface OwnGuess {
  readonly ticket: Ticket;
  readonly quantity: QuantityName;
  readonly guessed: number;
  readonly weighed: number;
  readonly weighedSe: number;
}

/** What a guess of all that is weighed is about: the whole rig. */
export const guessedQuantity = ({ vehicle, trailer }: Pick<RigView, 'vehicle' | 'trailer'>): QuantityName =>
  vehicle && trailer ? 'combination' : vehicle ? 'vehicleTotal' : 'trailerTotal';

/** The guess of each slip beside what its readings settle; slips without a guess, or that do not settle it, are left out. */
export const ownGuesses = (view: RigView, tickets: readonly Ticket[]): readonly OwnGuess[] =>
  byDay(tickets).flatMap((ticket) => {
    const quantity = guessedQuantity(view);
    const value = ticket.guess === undefined ? undefined : assessTicket(view, ticket).loads.values[quantity];
    if (ticket.guess === undefined || value?.kind !== 'known') return [];
    return [{ ticket, quantity, guessed: ticket.guess, weighed: value.value, weighedSe: value.sigma }];
  });

/** @returns null where nothing was foretold yet */
export function planQuality(all: readonly Guess[]): PlanQuality | null {
  if (all.length === 0) return null;
  const mean = (of: (one: Guess) => number) => all.reduce((sum, one) => sum + of(one), 0) / all.length;
  return {
    guesses: all.length,
    bias: mean(({ missedBy }) => missedBy),
    typical: Math.sqrt(mean(({ missedBy }) => missedBy ** 2)),
    inside: all.filter(({ inside }) => inside).length,
  };
}

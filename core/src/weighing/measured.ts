import { compile, type Compiled } from '../loads/compile.ts';
import type { Mass } from '../loads/loads.ts';
import { weighedOn, type Settles, type WeighedLoads } from '../loads/weighedOn.ts';
import type { RigView } from '../loading/rigView.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { assessed, type Assessment } from '../verdict/assess.ts';
import { sumOf, type Combination } from '../scale/combination.ts';
import { singleAxles } from '../scale/singleAxles.ts';
import { asItStood } from '../scale/asItStood.ts';
import { adjustTicket, quantityCombinations, suspects, weighingLengths } from '../scale/slipEquations.ts';
import type { Adjustment } from '../scale/leastSquares.ts';
import { sigmaOn, type Reading, type Ticket } from '../loading/ticket.ts';
import { readingMessage } from '../scale/stands.ts';
import type { WeighingLengths } from '../scale/weighedLoads.ts';

/** A reading beside what all of them together make of it. kg. */
interface WeighedReading {
  readonly reading: Reading;
  readonly sigma: number;
  /** Read less adjusted; null where the reading could not be used. */
  readonly residual: number | null;
  /** Disagrees with the others beyond chance, and most of all; several where they cannot be told apart. */
  readonly suspect: boolean;
}

/** A rig judged by what was weighed, not by what was planned. */
export interface TicketAssessment extends Assessment<WeighedLoads> {
  readonly ticket: Ticket;
  readonly readings: readonly WeighedReading[];
}

/** A slip beside the plan it is set against: the lengths its readings lean on, what of it was used, and what it settles. */
export interface SlipPicture extends ReturnType<typeof adjustTicket>, Pick<Adjustment, 'estimate'> {
  readonly planned: Compiled;
  readonly lengths: WeighingLengths;
}

/**
 * What a slip settles, against a plan.
 * @param plan the rig as the slip is compared with it; left out: as it is loaded now
 */
export function slipPicture(view: RigView, ticket: Ticket, plan: RigView = view): SlipPicture {
  const planned = compile(plan);
  const lengths = weighingLengths(view, planned.lengths);
  const adjusted = adjustTicket(lengths, ticket, view);
  return { planned, lengths, ...adjusted, estimate: adjusted.adjustment.estimate };
}

/**
 * Verdict from a ticket alone: every load that its readings settle, with its ±. What they do not settle is unknown; what is
 * in a place nobody has weighed, so places and a camper's contents are not judged.
 */
export function assessTicket(view: RigView, ticket: Ticket): TicketAssessment {
  const { planned, lengths, used, adjustment } = slipPicture(asItStood(view, ticket), ticket);
  const barsOn = planned.lengths.distribution !== undefined;
  const worst = suspects(adjustment);
  const loads = slipLoads(
    planned,
    used,
    adjustment,
    worst,
    quantityCombinations(lengths, barsOn),
    singleAxles(lengths, barsOn),
  );
  return {
    ...assessed(loads, runRulebook(loads)),
    ticket,
    readings: ticket.readings.map((reading) => {
      const at = used.findIndex((one) => one.reading === reading);
      return {
        reading,
        sigma: sigmaOn(ticket, reading),
        residual: adjustment.residuals[at] ?? null,
        suspect: worst.includes(at),
      };
    }),
  };
}

/** What the readings of a slip say of the rig's loads, as far as they settle them. */
function slipLoads(
  plan: Compiled,
  used: ReturnType<typeof adjustTicket>['used'],
  { estimate }: Adjustment,
  worst: readonly number[],
  of: Readonly<Record<QuantityName, Combination>>,
  axles: readonly Combination[],
): WeighedLoads {
  const isContradicted = (weights: readonly number[]) => worst.some((at) => Math.abs(weights[at] ?? 0) > 1e-6);
  const apart = axles.flatMap((axle): readonly Mass[] => {
    const found = estimate(axle);
    if (!found) return [];
    const contradicted = isContradicted(found.weights) ? { contradicted: true } : {};
    return [{ kind: 'known', value: found.value, sigma: found.se, ...contradicted }];
  });
  const settles: Settles = (sum) => {
    const found = estimate(sumOf(...sum.map(([times, name]) => [times, of[name]] as const)));
    const operands = (found?.weights ?? []).flatMap((times, at) => {
      const one = used[at];
      return one && Math.abs(times) > 1e-6 ? [{ name: readingMessage(one.reading), kg: one.value, times }] : [];
    });
    return found && { value: found.value, se: found.se, operands, contradicted: isContradicted(found.weights) };
  };
  return weighedOn(plan, settles, apart.length < axles.length ? [] : apart);
}

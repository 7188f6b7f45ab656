import { compile, type Compiled } from '../loads/compile.ts';
import { weighedOn, type WeighedLoads } from '../loads/weighedOn.ts';
import type { RigView } from '../loading/rigView.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { assessed, type Assessment } from '../verdict/assess.ts';
import { sumOf, type Combination } from './combination.ts';
import { adjust, type Adjustment } from './leastSquares.ts';
import { sigmaOn, type Reading, type Ticket } from './ticket.ts';
import { readingMessage } from './stands.ts';
import { readingOf, weighedLoads, type WeighingLengths } from './weighedLoads.ts';

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

/** Beyond so many standard deviations a reading and the others cannot both be right. */
const suspectBeyond = 3;

/** The lengths of a rig as a weighing leans on them. */
export function weighingLengths(view: RigView, { lengths }: Pick<Compiled, 'lengths'>): WeighingLengths {
  const { axles = 1, equalises, jockeyPosition } = view.trailer?.geometry ?? {};
  const group = { axles, equalises: equalises === 'yes' };
  return {
    ...lengths,
    ...(lengths.trailer ? { trailer: { ...lengths.trailer, ...group } } : {}),
    jockey: jockeyPosition,
  };
}

/** The least-squares picture of a ticket. A reading that weighed nothing of this rig, or shows nothing yet, is left out. */
export function adjustTicket(lengths: WeighingLengths, ticket: Ticket) {
  const used = ticket.readings.flatMap((reading) => {
    const of = reading.value > 0 ? readingOf(lengths, reading) : null;
    return of ? [{ reading, of, value: reading.value, sigma: sigmaOn(ticket, reading) }] : [];
  });
  return { used, adjustment: adjust(used) };
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
  const lengths = weighingLengths(view, planned);
  const adjusted = adjustTicket(lengths, ticket);
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
  const loads = slipLoads(planned, used, adjustment, worst, quantityCombinations(lengths, barsOn));
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

/**
 * The rig as it stood on the scale: what was read with the bars of its hitch off, or on, is judged so, whatever the owner says
 * of the hitch since. Where both were read, the hitch as it is set now chooses.
 */
function asItStood(view: RigView, { readings }: Ticket): RigView {
  const ways = new Set(readings.filter(({ state }) => state === 'coupled').map(({ bars }) => bars === true));
  const hitch = view.rig.hitch ?? {};
  const [on] = ways;
  if (ways.size !== 1 || on === (hitch.distribution !== undefined)) return view;
  return { ...view, rig: { ...view.rig, hitch: { ...hitch, distribution: on ? fullyRestored : undefined } } };
}

const fullyRestored = { kind: 'fraction', fraction: 1 } as const;

/** Where a reading cannot be right beside the others: the ones of the largest normalised residual, by their order. */
export function suspects({ normalised }: Adjustment): readonly number[] {
  const sizes = normalised.map((one) => Math.abs(one ?? 0));
  const largest = Math.max(0, ...sizes);
  return largest > suspectBeyond ? sizes.flatMap((size, at) => (size > largest - 1e-6 * largest ? [at] : [])) : [];
}

/** Every load that is compared with a limit, in terms of what a scale can settle. */
export function quantityCombinations(
  lengths: WeighingLengths,
  barsOn: boolean,
): Readonly<Record<QuantityName, Combination>> {
  const solo = weighedLoads(lengths, { state: 'uncoupled' });
  const towed = lengths.trailer ? weighedLoads(lengths, { state: 'coupled', bars: barsOn }) : solo;
  const free = lengths.trailer ? weighedLoads(lengths, { state: 'coupled' }) : solo;
  return {
    vehicleSolo: sumOf([1, solo.front], [1, solo.rear]),
    vehicleTotal: sumOf([1, towed.front], [1, towed.rear]),
    frontAxle: towed.front,
    rearAxle: towed.rear,
    driveAxle: towed.drive,
    tagAxle: towed.tag,
    trailerTotal: sumOf([1, free.trailer], [1, free.ball]),
    trailerAxles: towed.trailer,
    ballLoad: free.ball,
    ballLoadTowed: towed.ball,
    combination: sumOf([1, towed.front], [1, towed.rear], [1, towed.trailer]),
  };
}

/** What the readings of a slip say of the rig's loads, as far as they settle them. */
function slipLoads(
  plan: Compiled,
  used: ReturnType<typeof adjustTicket>['used'],
  { estimate }: Adjustment,
  worst: readonly number[],
  of: Readonly<Record<QuantityName, Combination>>,
): WeighedLoads {
  return weighedOn(plan, (sum) => {
    const found = estimate(sumOf(...sum.map(([times, name]) => [times, of[name]] as const)));
    const operands = (found?.weights ?? []).flatMap((times, at) => {
      const one = used[at];
      return one && Math.abs(times) > 1e-6 ? [{ name: readingMessage(one.reading), kg: one.value, times }] : [];
    });
    const contradicted = worst.some((at) => Math.abs(found?.weights[at] ?? 0) > 1e-6);
    return found && { value: found.value, se: found.se, operands, contradicted };
  });
}

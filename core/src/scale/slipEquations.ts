import type { RigView } from '../loading/rigView.ts';
import { sigmaOn, type Ticket } from '../loading/ticket.ts';
import type { QuantityName, RigLengths } from '../statics/rigRows.ts';
import { sumOf, type Combination } from './combination.ts';
import { adjust, type Adjustment } from './leastSquares.ts';
import { notOnPlate, type Aboard } from './notOnPlate.ts';
import { readingOf, weighedLoads, type WeighingLengths } from './weighedLoads.ts';

/** Beyond so many standard deviations a reading and the others cannot both be right. */
const suspectBeyond = 3;

/** The lengths of a rig as a weighing leans on them. */
export function weighingLengths(view: RigView, lengths: RigLengths): WeighingLengths {
  const { axles = 1, equalises, jockeyPosition } = view.trailer?.geometry ?? {};
  const group = { axles, equalises: equalises === 'yes' };
  return {
    ...lengths,
    ...(lengths.trailer ? { trailer: { ...lengths.trailer, ...group } } : {}),
    jockey: jockeyPosition,
  };
}

/**
 * The least-squares picture of a ticket, everybody on board: who was not on the plate for a reading is added to it. A reading that
 * weighed nothing of this rig, or shows nothing yet, or lacks somebody of whom nobody knows where he sits, is left out.
 * @param now who is on board where the ticket kept no list of its own
 */
export function adjustTicket(lengths: WeighingLengths, ticket: Ticket, now: Aboard) {
  const aboard = { vehicle: now.vehicle, loadout: ticket.loadout ?? now.loadout };
  const used = ticket.readings.flatMap((reading) => {
    const of = reading.value > 0 ? readingOf(lengths, reading) : null;
    const away = of && notOnPlate(aboard, reading, of, lengths);
    if (!of || !away) return [];
    const sigma = Math.hypot(sigmaOn(ticket, reading), away.sigma);
    return [{ reading, of, value: reading.value + away.mass, sigma }];
  });
  return { used, adjustment: adjust(used) };
}

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

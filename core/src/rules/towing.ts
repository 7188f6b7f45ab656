import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Limit } from '../rig/plated.ts';
import { massTolerance } from '../units/rounding.ts';
import { platedCheck } from './platedCheck.ts';
import { defineRule, type Asked } from './rule.ts';
import { towFallback } from './towFallback.ts';

/** How a place reads the towed mass: as the load on the trailer's axles, or as the whole trailer and nothing else. */
interface Reading {
  readonly byAxleLoad?: true;
  readonly wholeTrailer?: true;
}

const may = { byAxleLoad: 'flag', wholeTrailer: 'flag' } as const;

/**
 * A towing limit that nobody knows leaves a combination undecided, unless law has a limit of its own for where none is stated.
 */
const towed = (asked: Asked<Reading>, limit: LimitName, whyNot: string | null) =>
  platedCheck(asked, 'vehicle', ({ figures }) => ({
    limit,
    quantity: figures.byAxleLoad ? 'trailerAxles' : 'trailerTotal',
    ...(asked.inForce(towFallback, 'vehicle') ? {} : { figure: 'required' }),
    whyNot: asked.loads.view.vehicle ? whyNot : 'check.no.vehicle',
    notes: (counted) => otherReading(asked.loads, figures, counted),
  }));

/** Where the trailer's total fails the towing limit and its axle load passes, both readings are said. */
function otherReading({ values }: Loads, figures: Reading, { value: limit }: Limit): readonly Message[] {
  const { trailerTotal: total, trailerAxles: axles } = values;
  if (limit === null || figures.wholeTrailer || total.kind !== 'known' || axles.kind !== 'known') return [];
  const split = total.value > limit + massTolerance && axles.value <= limit + massTolerance;
  return split ? [message(figures.byAxleLoad ? 'check.note.towByAxle' : 'check.note.towByTotal')] : [];
}

/** A trailer with brakes against what the vehicle's maker lets it tow. */
export const towBraked = defineRule({
  id: 'tow.braked',
  group: 'coupling',
  role: 'towing',
  by: 'vehicle',
  may,
  check: (asked) => towed(asked, 'towBraked', asked.loads.view.trailer?.braked === false ? 'check.no.brakes' : null),
});

/** A trailer without brakes against what the vehicle's maker lets it tow. */
export const towUnbraked = defineRule({
  id: 'tow.unbraked',
  group: 'coupling',
  role: 'towing',
  by: 'vehicle',
  may,
  check: (asked) => towed(asked, 'towUnbraked', asked.loads.view.trailer?.braked ? 'check.no.unbraked' : null),
});

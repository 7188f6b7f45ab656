import type { Loads } from '../loads/loads.ts';
import type { Check } from '../checks/check.ts';
import { message } from '../messages/message.ts';
import type { Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
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

/** What law says goes before what the papers of the vehicle do; null: neither says. */
function readingOf({ byAxleLoad, wholeTrailer }: Reading, { towLimitMeans }: Partial<Vehicle> = {}) {
  if (byAxleLoad) return 'axles';
  return wholeTrailer ? 'whole' : (towLimitMeans ?? null);
}

/**
 * A towing limit that nobody knows leaves a combination undecided, unless law has a limit of its own for where none is stated.
 */
function towed(asked: Asked<Reading>, limit: LimitName, whyNot: string | null): readonly Check[] {
  const { vehicle } = asked.loads.view;
  const law = asked.at('vehicle')?.figures ?? {};
  const reading = readingOf(law, vehicle);
  const checks = platedCheck(asked, 'vehicle', () => ({
    limit,
    quantity: reading === 'axles' ? 'trailerAxles' : 'trailerTotal',
    ...(asked.inForce(towFallback, 'vehicle') ? {} : { figure: 'required' }),
    whyNot: vehicle ? whyNot : 'check.no.vehicle',
  }));
  if (reading === 'whole' || !vehicle) return checks;
  return checks.map((check) => {
    if (!isSplit(asked.loads, check)) return check;
    if (reading === 'axles') {
      return { ...check, notes: [message(law.byAxleLoad ? 'check.note.towByAxle' : 'check.note.towByPapers')] };
    }
    const missing = [{ code: 'towReading', body: vehicle.id, bodyName: vehicle.name } as const];
    return { ...check, status: 'unknown', margin: null, missing, notes: [message('check.note.towByOne')] };
  });
}

/**
 * The trailer's total is over the towing limit and the load on its axles is not: over by one reading. Where a place has a reading of its
 * own, that decides and the other is a note; elsewhere it is not decided by itself.
 */
function isSplit({ values }: Loads, { limit, status }: Check): boolean {
  const { trailerTotal: total, trailerAxles: axles } = values;
  if (limit === null || status === 'notApplicable' || total.kind !== 'known' || axles.kind !== 'known') return false;
  return total.value > limit + massTolerance && axles.value <= limit + massTolerance;
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

import { limitNames } from '../rig/limitNames.ts';
import { heldFigures } from '../rig/plated.ts';
import type { Loads } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import { isFifthWheel, type Trailer } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import type { Check } from '../checks/check.ts';
import { judgeCounted } from '../checks/newCheck.ts';
import { plated } from './plated.ts';
import { defineRule } from './rule.ts';

/**
 * Safety chains by the plated mass of the whole trailer, ball load included: in Australia one, two above 2,500 kg. To 3,500 kg each is
 * marked for the trailer at least, and a mark that was not read is said; above it each has to break at more than the trailer, and the mark
 * has to be known. In Britain and Europe a second coupling for a trailer
 * without brakes. A fifth wheel is generally left out.
 */
export const chains = defineRule({
  id: 'chains.required',
  group: 'coupling',
  role: 'chains',
  by: 'trailer',
  asks: ['trailer'],
  may: { onlyUnbraked: 'flag', twoAboveKg: 'kg', markedAboveKg: 'kg' },
  check({ loads, at, open }) {
    const { trailer } = loads.view;
    const facts = at('trailer');
    if (!trailer || !facts || isFifthWheel(trailer)) return [];
    const { onlyUnbraked = false, twoAboveKg = Infinity, markedAboveKg = Infinity } = facts.figures;
    if (onlyUnbraked && trailer.braked) return [];
    const check = open(facts, {
      side: 'trailer',
      quantity: 'counted',
      name: message(onlyUnbraked ? 'check.secondCoupling' : 'check.chains'),
      sense: 'min',
      unit: 'pieces',
    });
    const mass = plated(loads, 'trailerMax', ['trailer']);
    if (!onlyUnbraked && mass.value === null) return [{ ...check, missing: mass.missing }];
    const weighs = mass.value ?? 0;
    const needed = !onlyUnbraked && weighs > twoAboveKg ? 2 : 1;
    const fitted = chainsFitted(trailer, needed);
    const judged = { ...check, ...judgeCounted('min', fitted, needed) };
    if (fitted === null) return [{ ...judged, missing: [about(trailer, trailer.chains ? 'chainCount' : 'chains')] }];
    const marked = !onlyUnbraked && weighs > markedAboveKg;
    return [judged.status === 'within' && !onlyUnbraked ? byTheirMark(loads, judged, trailer, weighs, marked) : judged];
  },
});

const about = (trailer: Trailer, code: 'chains' | 'chainCount' | 'chainMark'): Missing => ({
  code,
  body: trailer.id,
  bodyName: trailer.name,
});

/** null: nobody has counted; where one is enough, seeing them is. */
function chainsFitted({ chains, chainCount }: Trailer, needed: number): number | null {
  if (chains === 'absent') return 0;
  if (chainCount !== undefined) return chainCount;
  return chains === 'present' && needed === 1 ? 1 : null;
}

/** Each chain must bear the whole trailer, a heavy one with something to spare (`must`): what is stamped on the weakest counts. */
function byTheirMark({ view }: Loads, check: Check, trailer: Trailer, weighs: number, must: boolean): Check {
  const marks = limitNames.flatMap((limit) =>
    heldFigures(view, trailer, limit).filter(({ source }) => source === 'chains'),
  );
  if (marks.length === 0 && !must) return { ...check, notes: [message('check.note.chainsUnread')] };
  if (marks.length === 0) return { ...check, status: 'unknown', missing: [about(trailer, 'chainMark')] };
  const weak = marks.some(({ value }) => value < weighs || (must && value === weighs));
  const says = must ? 'check.note.chainsWeakHeavy' : 'check.note.chainsWeak';
  return weak ? { ...check, status: 'over', margin: null, notes: [message(says)] } : check;
}

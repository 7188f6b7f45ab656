import type { Check } from '../checks/check.ts';
import { lessBy } from '../checks/lessBy.ts';
import { judgeLeast, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import type { Loads } from '../loads/loads.ts';
import { message, term, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Limit } from '../rig/plated.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { limitTerm } from './couplingTerms.ts';
import { plated } from './plated.ts';
import type { Asked, InForce } from './rule.ts';

/** A plain comparison: one load, one plated limit. */
export interface PlatedLimit {
  readonly limit: LimitName;
  readonly quantity: QuantityName;
  /** Whose plates hold it, where that is not the one body. */
  readonly holders?: readonly Side[];
  readonly sense?: 'min';
  /** required: without it a rig is not decided. optional: judged only where stated, since plates need not show it. */
  readonly figure?: 'required' | 'optional';
  /** Key of why this rig is not asked. */
  readonly whyNot?: string | null;
  /** The limit as it counts, where the plates do not settle it alone. */
  readonly counted?: (limit: Limit) => Limit;
  readonly notes?: (limit: Limit) => readonly Message[];
}

/**
 * Compares a load with what is plated for it; the check is there wherever the rule is in force.
 * @param side whose registration decides, and whose plates hold the limit first
 */
export function platedCheck<Of>(
  { loads, at, open }: Asked<Of>,
  side: Side,
  limitOf: (facts: InForce<Of>) => PlatedLimit,
): readonly Check[] {
  const facts = at(side);
  if (!facts) return [];
  const asked = limitOf(facts);
  const { limit, quantity, sense, figure } = asked;
  const name = message('check.limit', { limit: term(limitTerm(loads.view, limit)) });
  const check = open(facts, { side, quantity, name, sense, required: figure === 'required' });
  return [compared(loads, check, { holders: [side], ...asked })];
}

function compared(loads: Loads, check: Check, asked: PlatedLimit & { readonly holders: readonly Side[] }): Check {
  const { limit: name, holders, whyNot, counted, figure } = asked;
  const demand = loads.values[asked.quantity];
  if (demand.kind === 'absent' || whyNot) return notApplicable(check, whyNot ?? 'check.no.trailer');
  const plate = plated(loads, name, holders);
  const limit = counted?.(plate) ?? plate;
  const silent = limit.value === null && limit.doubtful.length === 0;
  if (figure === 'optional' && silent) return notApplicable(check, 'check.no.figure');
  const judged =
    asked.sense === 'min'
      ? judgeLeast(loads, demand, limit.value, lessBy(demand, limit.value ?? 0))
      : judgeMost(loads, demand, limit);
  return judgedAs(check, judged, { figures: figuresOf(limit, judged.limit), notes: asked.notes?.(limit) ?? [] });
}

/** The figures behind the limit that was used: the ones that hold, and a lower one that was kept anyway. */
const figuresOf = (limit: Limit, used: number | null) =>
  used !== null && limit.value !== null && used < limit.value ? [...limit.doubtful, ...limit.figures] : limit.figures;

const notApplicable = (check: Check, why: string): Check => ({
  ...check,
  status: 'notApplicable',
  notes: [message(why)],
});

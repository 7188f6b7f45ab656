import type { Loads } from '../loads/loads.ts';
import { message, term, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Check } from '../checks/check.ts';
import { judgeLeast, judgeMost } from '../checks/judgeLoad.ts';
import { factsFor, plated, regionFor } from './context.ts';
import type { Limit } from '../rig/plated.ts';
import { limitTerm } from './couplingTerms.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';
import type { RuleId, RuleInForce } from '../checks/ruleFacts.ts';
import { limitChecks, type LimitCheck } from './limitDefinitions.ts';

/** Every plated limit of the rig against its load. */
export const plainChecks = (loads: Loads): readonly Check[] =>
  limitChecks.flatMap((definition) => plainCheck(loads, definition) ?? []);

function plainCheck(loads: Loads, definition: LimitCheck): Check | null {
  const { rule, side } = definition;
  const facts = factsFor(loads, side, rule);
  if (!facts) return null;
  const quantity = judgedQuantity(loads, definition, facts);
  const limitName = judgedLimit(loads, definition);
  const demand = loads.values[quantity];
  const check = newCheck(loads, {
    rule,
    facts,
    side,
    group: definition.group,
    quantity,
    name: message('check.limit', { limit: term(limitTerm(loads.view, limitName)) }),
    sense: definition.sense,
    required: definition.required ?? (isTowing(rule) && factsFor(loads, 'vehicle', 'tow.fallback') === null),
  });
  const why = whyNot(loads, definition);
  if (demand.kind === 'absent' || why) return notApplicable(check, why ?? 'check.no.trailer');
  const plate = plated(loads, limitName, limitName === 'ballMax' ? ['vehicle', 'trailer'] : [side]);
  const limit = capped(loads, definition.limit, limitName, plate);
  const silent = limit.value === null && limit.doubtful.length === 0;
  if (definition.optional && silent) return notApplicable(check, 'check.no.figure');
  const judged =
    definition.sense === 'min'
      ? judgeLeast(loads, demand, limit.value, shifted(demand, limit.value ?? 0))
      : judgeMost(loads, demand, limit);
  const notes = [...towNotes(loads, definition, facts, limit.value), ...allowanceNotes(definition.limit, limitName)];
  return judgedAs(check, judged, { figures: figuresOf(limit, judged.limit), notes });
}

/** The figures behind the limit that was used: the ones that hold, and a lower one that was kept anyway. */
const figuresOf = (limit: ReturnType<typeof plated>, used: number | null) =>
  used !== null && limit.value !== null && used < limit.value ? [...limit.doubtful, ...limit.figures] : limit.figures;

/** A value less a fixed figure: same row, same ±. */
const shifted = (demand: Loads['values'][QuantityName], by: number) =>
  demand.kind === 'known' ? { ...demand, value: demand.value - by } : demand;

const notApplicable = (check: Check, why: string): Check => ({
  ...check,
  status: 'notApplicable',
  notes: [message(why)],
});

function whyNot(loads: Loads, { rule, side }: LimitCheck): string | null {
  const { vehicle, trailer } = loads.view;
  if (!vehicle && side === 'vehicle' && rule !== 'ball.max') return 'check.no.vehicle';
  if (!vehicle && rule === 'ball.max' && plated(loads, 'ballMax', ['trailer']).figures.length === 0) {
    return 'check.no.figure';
  }
  if (rule === 'axle.tag' && !vehicle?.geometry.tagAxle) return 'check.no.tagAxle';
  if (rule === 'combination.max' && !trailer) return 'check.no.trailer';
  if (rule === 'tow.braked' && trailer && !trailer.braked) return 'check.no.brakes';
  if (rule === 'tow.unbraked' && trailer?.braked) return 'check.no.unbraked';
  return null;
}

/** A combination whose towing limit nobody knows is not decided, unless law has a limit of its own for where none is stated. */
const isTowing = (rule: RuleId): boolean => rule === 'tow.braked' || rule === 'tow.unbraked';

/** With a tag axle the rear limit is the drive axle's; some law compares towed mass as the load on the trailer's axles. */
function judgedQuantity(loads: Loads, { rule, quantity }: LimitCheck, { figures }: RuleInForce): QuantityName {
  if (rule === 'axle.rear' && loads.view.vehicle?.geometry.tagAxle) return 'driveAxle';
  return figures?.['byAxleLoad'] === undefined ? quantity : 'trailerAxles';
}

const towingAllowances: Readonly<Partial<Record<LimitName, LimitName>>> = {
  vehicleMax: 'vehicleMaxTowing',
  rearAxleMax: 'rearAxleMaxTowing',
};

/**
 * A maker may allow more on the vehicle and its rear axle, only while towing and only up to 100 km/h. It counts where the
 * papers state it, under European and British rules; never solo, and never in Australia. Regulation (EU) 1230/2012 and
 * 2021/535, medium confidence on the road.
 */
function judgedLimit(loads: Loads, { limit }: LimitCheck): LimitName {
  const more = towingAllowances[limit];
  if (!more || !loads.view.trailer || regionFor(loads, 'vehicle') === 'au') return limit;
  return plated(loads, more, ['vehicle']).value === null ? limit : more;
}

const allowanceShare = { vehicleMax: 0.1, rearAxleMax: 0.15 } as const;
const allowanceMostKg = 100;

/**
 * An allowance that is typed higher than the approval text permits counts only up to that: 15 % on the rear axle, on the
 * vehicle the lower of 10 % and 100 kg.
 */
function capped(loads: Loads, plain: LimitName, judged: LimitName, limit: Limit): Limit {
  if (plain === judged || limit.value === null || (plain !== 'vehicleMax' && plain !== 'rearAxleMax')) return limit;
  const own = plated(loads, plain, ['vehicle']).value;
  if (own === null) return limit;
  const more =
    plain === 'vehicleMax' ? Math.min(allowanceShare[plain] * own, allowanceMostKg) : allowanceShare[plain] * own;
  return { ...limit, value: Math.min(limit.value, own + more) };
}

const allowanceNotes = (plain: LimitName, judged: LimitName): readonly Message[] =>
  plain === judged ? [] : [message('check.note.towingAllowance')];

/** Where the trailer's total fails the towing limit and its axle load passes, both readings are said. */
function towNotes(
  loads: Loads,
  { rule }: LimitCheck,
  { figures }: RuleInForce,
  limit: number | null,
): readonly Message[] {
  if (!isTowing(rule) || limit === null || figures?.['wholeTrailer'] !== undefined) return [];
  const { trailerTotal: total, trailerAxles: axles } = loads.values;
  if (total.kind !== 'known' || axles.kind !== 'known') return [];
  const split = total.value > limit + massTolerance && axles.value <= limit + massTolerance;
  const byAxle = figures?.['byAxleLoad'] !== undefined;
  return split ? [message(byAxle ? 'check.note.towByAxle' : 'check.note.towByTotal')] : [];
}

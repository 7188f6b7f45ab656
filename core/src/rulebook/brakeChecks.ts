import type { Loads } from '../loads/loads.ts';
import { referenceMass, type ReferenceBasis } from '../loads/referenceMass.ts';
import { message } from '../messages/message.ts';
import { possibleFigures } from '../rig/plated.ts';
import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { factsFor, plated, regionFor } from './context.ts';
import { platedAxles } from './brakeKindChecks.ts';
import type { RuleId, RuleInForce } from '../checks/ruleFacts.ts';
import { judge } from '../checks/judge.ts';
import { judgeCounted, timesOf } from '../checks/newCheck.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/** What a trailer without brakes may be, and what may be towed where the maker says nothing. */
export function brakeChecks(loads: Loads): readonly Check[] {
  const { trailer, vehicle } = loads.view;
  if (!trailer) return [];
  return [
    ...(trailer.braked ? [] : brakesRequired(loads)),
    ...(trailer.braked || !vehicle ? [] : halfOfEmpty(loads)),
    ...(vehicle ? fallbackTow(loads) : []),
  ];
}

const base = (loads: Loads, rule: RuleId, facts: RuleInForce, side: 'vehicle' | 'trailer') =>
  ({
    id: rule,
    rule,
    region: regionFor(loads, side),
    kind: facts.kind,
    group: 'coupling',
    sense: 'max',
    required: false,
    source: facts,
    figures: [],
    notes: [],
  }) satisfies Partial<Check>;

/**
 * From a plated axle mass on a trailer must have brakes: the plate counts, not what is loaded. Where the axles are not
 * plated the whole trailer stands for them, which is the stricter reading.
 */
function brakesRequired(loads: Loads): readonly Check[] {
  const facts = factsFor(loads, 'trailer', 'brakes.required');
  const most = facts?.figures?.['unbrakedMostKg'];
  if (!facts || most === undefined) return [];
  const limit = platedAxles(loads);
  const margin = limit.value === null ? null : most - limit.value;
  const axles = loads.view.trailer?.geometry.axles ?? 1;
  // Where leaving brakes off is allowed on one axle only, a second settles it, whatever is plated.
  const tooMany = facts.figures?.['oneAxle'] !== undefined && axles > 1;
  return [
    {
      ...base(loads, 'brakes.required', facts, 'trailer'),
      quantity: 'plated',
      name: message('check.brakesRequired'),
      figures: limit.figures,
      demand: limit.value,
      sigma: null,
      limit: most,
      margin,
      status: tooMany ? 'over' : margin === null ? 'unknown' : judge(margin, 0, 0),
      missing: tooMany ? [] : limit.missing,
      notes: tooMany ? [message('check.note.oneAxle')] : [],
      use: null,
    },
  ];
}

const bases: readonly ReferenceBasis[] = ['kerb', 'runningOrder', 'tare'];

/** An unbraked trailer may weigh no more than half the empty vehicle, as each country counts that. */
function halfOfEmpty(loads: Loads): readonly Check[] {
  const facts = factsFor(loads, 'vehicle', 'tow.half');
  const basis = bases.find((one) => facts?.figures?.[one] !== undefined);
  if (!facts || !basis) return [];
  const reference = referenceMass(loads, basis);
  const share = (facts.figures?.[basis] ?? 0) * (reference.value ?? 0);
  const limit = reference.value === null ? null : Math.min(share, facts.figures?.['atMostKg'] ?? Infinity);
  const plate = facts.figures?.['platedMass'] === undefined ? null : plated(loads, 'trailerMax', ['trailer']);
  const quantity = plate ? 'plated' : facts.figures?.['byAxleLoad'] === undefined ? 'trailerTotal' : 'trailerAxles';
  const judged = plate
    ? {
        ...judgeCounted('max', plate.value, limit),
        figures: plate.figures,
        missing: [...plate.missing, ...reference.missing],
        use: null,
      }
    : judgeMost(loads, loads.values[quantity as QuantityName], { ...givenLimit(limit), missing: reference.missing });
  const atMost = facts.figures?.['atMostKg'];
  const worked = timesOf(
    message(`step.reference.${basis}`),
    reference.value,
    facts.figures?.[basis] ?? 0,
    atMost === undefined ? [] : [{ name: message('step.atMost'), value: atMost }],
  );
  return [
    { ...base(loads, 'tow.half', facts, 'vehicle'), quantity, name: message('check.towHalf'), ...judged, ...worked },
  ];
}

/** Where a maker states no towing limit, law may: so many times the empty vehicle, with brakes and without. */
function fallbackTow(loads: Loads): readonly Check[] {
  const facts = factsFor(loads, 'vehicle', 'tow.fallback');
  const { vehicle, trailer } = loads.view;
  // A limit that may hold is stated as far as anybody knows; what is asked then is whether it does.
  const stated = (['towBraked', 'towUnbraked'] as const).flatMap((limit) =>
    possibleFigures(loads.view, vehicle, limit),
  );
  const times = facts?.figures?.[trailer?.braked ? 'braked' : 'unbraked'];
  if (!facts || times === undefined || stated.length > 0) return [];
  const tare = referenceMass(loads, 'tare');
  const limit = { ...givenLimit(tare.value === null ? null : times * tare.value), missing: tare.missing };
  return [
    {
      ...base(loads, 'tow.fallback', facts, 'vehicle'),
      quantity: 'trailerTotal',
      name: message('check.towFallback', { times: String(times) }),
      ...judgeMost(loads, loads.values.trailerTotal, limit),
      ...timesOf(message('step.reference.tare'), tare.value, times),
    },
  ];
}

import type { Loads } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import type { Trailer } from '../rig/body.ts';
import type { Check } from '../checks/check.ts';
import { factsFor, plated } from './context.ts';
import type { Limit } from '../rig/plated.ts';
import { judgeCounted, judgePresence, newCheck } from '../checks/newCheck.ts';

/** What the brakes of a trailer must be and do, by the plated load on its axles. */
export function brakeKindChecks(loads: Loads): readonly Check[] {
  const { trailer } = loads.view;
  if (!trailer?.braked) return [];
  const axles = platedAxles(loads);
  return [...overrun(loads, trailer, axles), ...controller(loads, trailer), ...breakaway(loads, trailer, axles)];
}

/** Where the axles are not plated the whole trailer stands for them, which is the stricter reading. */
export function platedAxles(loads: Loads): Limit {
  const axles = plated(loads, 'trailerAxlesMax', ['trailer']);
  if (axles.value !== null) return axles;
  const whole = plated(loads, 'trailerMax', ['trailer']);
  return whole.value === null ? axles : whole;
}

/** Brakes worked by the trailer pushing on are allowed up to a plated axle mass. */
function overrun(loads: Loads, trailer: Trailer, axles: Limit): readonly Check[] {
  const facts = factsFor(loads, 'trailer', 'brakes.kind');
  const most = facts?.figures?.['overrunMostKg'];
  if (!facts || most === undefined) return [];
  const check = newCheck(loads, {
    rule: 'brakes.kind',
    facts,
    side: 'trailer',
    group: 'coupling',
    quantity: 'plated',
    name: message('check.brakesKind'),
  });
  const judged = { ...judgeCounted('max', axles.value, most), figures: axles.figures };
  if (axles.value === null) return [{ ...check, ...judged, missing: axles.missing }];
  if (judged.status === 'within' || trailer.brakeKind === 'overrun') return [{ ...check, ...judged }];
  if (trailer.brakeKind !== undefined)
    return [{ ...check, status: 'within', notes: [message('check.note.notOverrun')] }];
  const missing = [{ code: 'brakeKind', body: trailer.id, bodyName: trailer.name }] as const;
  return [{ ...check, demand: axles.value, limit: most, figures: axles.figures, missing }];
}

/** Electric brakes do nothing without a controller in the vehicle. */
function controller(loads: Loads, trailer: Trailer): readonly Check[] {
  const facts = factsFor(loads, 'trailer', 'brakes.controller');
  const { vehicle } = loads.view;
  if (!facts || !vehicle || trailer.brakeKind !== 'electric') return [];
  const check = newCheck(loads, {
    rule: 'brakes.controller',
    facts,
    side: 'trailer',
    group: 'coupling',
    quantity: 'answer',
    name: message('check.brakesController'),
  });
  const missing = { code: 'brakeController', body: vehicle.id, bodyName: vehicle.name } as const;
  return [{ ...check, ...judgePresence(vehicle.brakeController, missing) }];
}

/** A trailer that comes off must brake by itself, from a plated axle mass on. */
function breakaway(loads: Loads, trailer: Trailer, axles: Limit): readonly Check[] {
  const facts = factsFor(loads, 'trailer', 'breakaway.required');
  const from = facts?.figures?.['aboveKg'];
  if (!facts || from === undefined) return [];
  const check = newCheck(loads, {
    rule: 'breakaway.required',
    facts,
    side: 'trailer',
    group: 'coupling',
    quantity: 'answer',
    name: message('check.breakaway'),
  });
  if (from > 0 && axles.value === null) return [{ ...check, missing: axles.missing }];
  if ((axles.value ?? Infinity) <= from) {
    return [{ ...check, status: 'notApplicable', notes: [message('check.no.lightForBreakaway')] }];
  }
  const missing = { code: 'breakaway', body: trailer.id, bodyName: trailer.name } as const;
  return [{ ...check, ...judgePresence(trailer.breakaway, missing) }];
}

import { judgeCounted, judgePresence } from '../checks/newCheck.ts';
import { kilograms, message } from '../messages/message.ts';
import { plated, platedAxles } from './plated.ts';
import { defineRule } from './rule.ts';

/** Brakes worked by the trailer pushing on are allowed up to a plated axle mass. */
export const overrunBrakes = defineRule({
  id: 'brakes.kind',
  group: 'coupling',
  role: 'brakes',
  by: 'trailer',
  asks: ['trailer'],
  needs: { overrunMostKg: 'kg' },
  check({ loads, at, open }) {
    const facts = at('trailer');
    const { trailer } = loads.view;
    if (!facts || !trailer?.braked) return [];
    const most = facts.figures.overrunMostKg;
    const axles = platedAxles(loads);
    const check = open(facts, { side: 'trailer', quantity: 'plated', name: message('check.brakesKind') });
    const judged = { ...judgeCounted('max', axles.value, most), figures: axles.figures };
    if (axles.value === null) return [{ ...check, ...judged, missing: axles.missing }];
    if (judged.status === 'within' || trailer.brakeKind === 'overrun') return [{ ...check, ...judged }];
    if (trailer.brakeKind !== undefined)
      return [{ ...check, status: 'within', notes: [message('check.note.notOverrun')] }];
    const missing = [{ code: 'brakeKind', body: trailer.id, bodyName: trailer.name }] as const;
    return [{ ...check, demand: axles.value, limit: most, figures: axles.figures, missing }];
  },
});

/** Electric brakes do nothing without a controller in the vehicle. */
export const brakeController = defineRule({
  id: 'brakes.controller',
  group: 'coupling',
  role: 'brakes',
  by: 'trailer',
  asks: ['trailer', 'vehicle'],
  check({ loads, at, open }) {
    const facts = at('trailer');
    const { vehicle, trailer } = loads.view;
    if (!facts || !vehicle || !trailer?.braked || trailer.brakeKind !== 'electric') return [];
    const check = open(facts, { side: 'trailer', quantity: 'answer', name: message('check.brakesController') });
    const missing = { code: 'brakeController', body: vehicle.id, bodyName: vehicle.name } as const;
    return [{ ...check, ...judgePresence(vehicle.brakeController, missing) }];
  },
});

/** A trailer that comes off must brake by itself, from a plated axle mass on. */
export const breakaway = defineRule({
  id: 'breakaway.required',
  group: 'coupling',
  role: 'brakes',
  by: 'trailer',
  asks: ['trailer'],
  needs: { aboveKg: 'kg' },
  may: { chainMostKg: 'kg' },
  check({ loads, at, open }) {
    const facts = at('trailer');
    const { trailer } = loads.view;
    if (!facts || !trailer?.braked) return [];
    const from = facts.figures.aboveKg;
    const axles = platedAxles(loads);
    const check = open(facts, { side: 'trailer', quantity: 'answer', name: message('check.breakaway') });
    if (from > 0 && axles.value === null) return [{ ...check, missing: axles.missing }];
    if ((axles.value ?? Infinity) <= from) {
      return [{ ...check, status: 'notApplicable', notes: [message('check.no.lightForBreakaway')] }];
    }
    const missing = { code: 'breakaway', body: trailer.id, bodyName: trailer.name } as const;
    const byItself = judgePresence(trailer.breakaway, missing);
    const { chainMostKg } = facts.figures;
    const whole = plated(loads, 'trailerMax', ['trailer']);
    const light = chainMostKg !== undefined && (whole.value ?? 0) <= chainMostKg;
    if (byItself.status === 'within' || !light || chainMostKg === undefined) return [{ ...check, ...byItself }];
    // What holds it if it comes off serves instead; with its plate not read that is not known.
    const notes = [message('check.note.chainForBreakaway', { most: kilograms(chainMostKg, 'nearest') })];
    if (trailer.chains === 'present' && whole.value !== null) return [{ ...check, status: 'within', notes }];
    if (trailer.chains === 'present') return [{ ...check, missing: whole.missing, notes }];
    // With no brake of its own the chain or cable is what is left to be seen.
    const asked = trailer.breakaway === 'absent' ? ({ ...missing, code: 'chains' } as const) : missing;
    const either = trailer.chains === 'absent' ? byItself : { status: 'unknown' as const, missing: [asked] };
    return [{ ...check, ...either, notes }];
  },
});

import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs, timesOf } from '../checks/newCheck.ts';
import { referenceMass } from '../loads/referenceMass.ts';
import { message } from '../messages/message.ts';
import { possibleFigures } from '../rig/plated.ts';
import { defineRule } from './rule.ts';

/** Where a maker states no towing limit, law may: so many times the empty vehicle, with brakes and without. */
export const towFallback = defineRule({
  id: 'tow.fallback',
  group: 'coupling',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  needs: { braked: 'share', unbraked: 'share' },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const { vehicle, trailer } = loads.view;
    // A limit that may hold is stated as far as anybody knows; what is asked then is whether it does.
    const stated = (['towBraked', 'towUnbraked'] as const).flatMap((limit) =>
      possibleFigures(loads.view, vehicle, limit),
    );
    if (!facts || stated.length > 0) return [];
    const times = facts.figures[trailer?.braked ? 'braked' : 'unbraked'];
    const tare = referenceMass(loads, 'tare');
    const limit = { ...givenLimit(tare.value === null ? null : times * tare.value), missing: tare.missing };
    const name = message('check.towFallback', { times: String(times) });
    const check = open(facts, { side: 'vehicle', quantity: 'trailerTotal', name });
    const worked = timesOf(message('step.reference.tare'), tare.value, times);
    return [judgedAs(check, judgeMost(loads, loads.values.trailerTotal, limit), worked)];
  },
});

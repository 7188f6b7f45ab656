import { judge } from '../checks/judge.ts';
import { message } from '../messages/message.ts';
import { platedAxles } from './plated.ts';
import { defineRule } from './rule.ts';

/**
 * From a plated axle mass on a trailer must have brakes: the plate counts, not what is loaded. Where the axles are not
 * plated the whole trailer stands for them, which is the stricter reading.
 */
export const brakesRequired = defineRule({
  id: 'brakes.required',
  group: 'coupling',
  role: 'brakes',
  by: 'trailer',
  asks: ['trailer'],
  needs: { unbrakedMostKg: 'kg' },
  may: { oneAxle: 'flag' },
  check({ loads, at, open }) {
    const facts = at('trailer');
    const { trailer } = loads.view;
    if (!facts || !trailer || trailer.braked) return [];
    const { unbrakedMostKg: most, oneAxle } = facts.figures;
    const limit = platedAxles(loads);
    const margin = limit.value === null ? null : most - limit.value;
    // Where leaving brakes off is allowed on one axle only, a second settles it, whatever is plated.
    const tooMany = oneAxle === true && trailer.geometry.axles > 1;
    return [
      {
        ...open(facts, { side: 'trailer', quantity: 'plated', name: message('check.brakesRequired') }),
        figures: limit.figures,
        demand: limit.value,
        limit: most,
        margin,
        status: tooMany ? 'over' : margin === null ? 'unknown' : judge(margin, 0, 0),
        missing: tooMany ? [] : limit.missing,
        notes: tooMany ? [message('check.note.oneAxle')] : [],
      },
    ];
  },
});

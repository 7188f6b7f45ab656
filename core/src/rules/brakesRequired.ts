import { judge } from '../checks/judge.ts';
import { message } from '../messages/message.ts';
import type { TrailerGeometry } from '../rig/geometry.ts';
import { platedAxles } from './plated.ts';
import { defineRule } from './rule.ts';

/** m: axles nearer to each other than this count as one. Australian trailer rules; high confidence. */
const apart = 1;

/** Whether a trailer's axles count as one; null: nobody has said how far apart two of them are. */
function countsAsOne({ axles, axleSpread }: TrailerGeometry): boolean | null {
  if (axles === 1) return true;
  // Three span two such lengths.
  return axleSpread === undefined ? (axles === 2 ? null : false) : axleSpread * (axles - 1) < apart;
}

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
    // Where leaving brakes off is allowed on one axle only, a second settles it, whatever is plated, unless both count as one.
    const single = oneAxle ? countsAsOne(trailer.geometry) : true;
    const tooMany = single === false;
    // Too heavy for it by the plate: no length helps.
    if (single === null && (margin === null || margin >= 0)) {
      const missing = [{ code: 'axleSpread', body: trailer.id, bodyName: trailer.name } as const];
      const check = open(facts, { side: 'trailer', quantity: 'plated', name: message('check.brakesRequired') });
      return [{ ...check, figures: limit.figures, demand: limit.value, limit: most, margin, missing }];
    }
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

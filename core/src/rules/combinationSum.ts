import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import { message, term } from '../messages/message.ts';
import { plated } from './plated.ts';
import { defineRule } from './rule.ts';

/**
 * German papers need no plated mass of the combination: the permitted masses together, less the greater permitted load on
 * the coupling, are its limit. § 34(7) of the road licensing regulations, of medium confidence.
 */
export const combinationSum = defineRule({
  id: 'combination.sum',
  group: 'combination',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  places: { DE: { kind: 'legal', confidence: 'medium', source: 'deMasses' } },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    if (!facts) return [];
    const car = plated(loads, 'vehicleMax', ['vehicle']);
    const towed = plated(loads, 'trailerMax', ['trailer']);
    const coupling = [plated(loads, 'ballMax', ['vehicle']), plated(loads, 'ballMax', ['trailer'])];
    const ball = Math.max(...coupling.map((one) => one.value ?? -Infinity));
    const missing = [...car.missing, ...towed.missing, ...(ball === -Infinity ? (coupling[0]?.missing ?? []) : [])];
    const limit =
      car.value === null || towed.value === null || ball === -Infinity ? null : car.value + towed.value - ball;
    const parts = [
      { name: message('check.limit', { limit: term('vehicleMax') }), value: car.value ?? 0 },
      { name: message('check.limit', { limit: term('trailerMax') }), value: towed.value ?? 0 },
      { name: message('step.lessBallMax'), value: -ball },
    ];
    const check = open(facts, { side: 'vehicle', quantity: 'combination', name: message('check.combinationSum') });
    const judged = judgeMost(loads, loads.values.combination, { ...givenLimit(limit), missing });
    return [judgedAs(check, judged, limit === null ? {} : { worked: { op: 'sum', of: parts } })];
  },
});

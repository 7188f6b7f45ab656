import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgeCounted, judgedAs, timesOf } from '../checks/newCheck.ts';
import { referenceMass, type ReferenceBasis } from '../loads/referenceMass.ts';
import { message } from '../messages/message.ts';
import { registeredLimit } from '../rig/registered.ts';
import { defineRule } from './rule.ts';

const bases: readonly Extract<ReferenceBasis, 'kerb' | 'runningOrder'>[] = ['kerb', 'runningOrder'];

/**
 * A trailer without brakes may weigh no more than half the empty vehicle, as each country counts that: by what basis, and
 * whether the trailer's plate, its axle load or the whole of it is compared.
 */
export const towHalf = defineRule({
  id: 'tow.half',
  group: 'coupling',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  may: { kerb: 'share', runningOrder: 'share', atMostKg: 'kg', byAxleLoad: 'flag', platedMass: 'flag' },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const basis = bases.find((one) => facts?.figures[one] !== undefined);
    const share = basis && facts?.figures[basis];
    if (!facts || !share || loads.view.trailer?.braked) return [];
    const { atMostKg, byAxleLoad, platedMass } = facts.figures;
    const reference = referenceMass(loads, basis);
    const limit = reference.value === null ? null : Math.min(share * reference.value, atMostKg ?? Infinity);
    const atMost = atMostKg === undefined ? [] : [{ name: message('step.atMost'), value: atMostKg }];
    const worked = timesOf(message(`step.reference.${basis}`), reference.value, share, atMost);
    const name = message('check.towHalf');
    if (platedMass) {
      const plate = registeredLimit(loads.view, 'trailerMax', loads.view.trailer);
      const check = open(facts, { side: 'vehicle', quantity: 'plated', name });
      const missing = [...plate.missing, ...reference.missing];
      return [{ ...check, ...judgeCounted('max', plate.value, limit), ...worked, figures: plate.figures, missing }];
    }
    const quantity = byAxleLoad ? 'trailerAxles' : 'trailerTotal';
    const judged = judgeMost(loads, loads.values[quantity], { ...givenLimit(limit), missing: reference.missing });
    return [judgedAs(open(facts, { side: 'vehicle', quantity, name }), judged, worked)];
  },
});

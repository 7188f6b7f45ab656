import type { Loads } from '../loads/loads.ts';
import { dValueKn, fifthWheelDValueKn } from '../limits/dValue.ts';
import { message } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import { judge } from '../checks/judge.ts';
import { plated } from './plated.ts';
import { defineRule } from './rule.ts';

/**
 * The D-value the permitted masses ask for, against the lowest plate of ball, coupling head, tow bar. It knows nothing of
 * the load: permitted masses are compared, not actual ones. Of a centre-axle trailer its permitted axle load, as the approval
 * has it; the whole trailer is the stricter reading, said as a note, and counts where the axles are not plated.
 */
export const dValue = defineRule({
  id: 'coupling.dValue',
  group: 'coupling',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const plate = plated(loads, 'dValueKn', ['vehicle', 'trailer']);
    if (!facts || plate.figures.length === 0) return [];
    const needed = neededDValue(loads);
    const limit = plate.value;
    const margin = needed.value === null || limit === null ? null : limit - needed.value;
    return [
      {
        ...open(facts, { side: 'vehicle', quantity: 'dValue', unit: 'kN', name: message('check.dValue') }),
        figures: plate.figures,
        notes: needed.byWhole === null ? [] : [message('check.note.dByWhole', { d: kilonewtons(needed.byWhole) })],
        demand: needed.value,
        sigma: needed.value === null ? null : 0,
        limit,
        margin,
        status: margin === null ? 'unknown' : judge(margin, 0, 0),
        missing: needed.missing,
      },
    ];
  },
});

const kilonewtons = (value: number) => ({ kind: 'amount', unit: 'kN', value, rounding: 'nearest' }) as const;

interface Needed {
  readonly value: number | null;
  /** With the whole trailer instead of its permitted axle load; null where that is the same. */
  readonly byWhole: number | null;
  readonly missing: readonly Missing[];
}

/** What of a centre-axle trailer its D-value is reckoned with: the permitted axle load, where that is plated and less than the whole. */
export function massForD(loads: Loads): {
  readonly limit: 'trailerAxlesMax' | 'trailerMax';
  readonly value: number | null;
} {
  const whole = plated(loads, 'trailerMax', ['trailer']).value;
  const axles = plated(loads, 'trailerAxlesMax', ['trailer']).value;
  const byAxles = axles !== null && whole !== null && axles < whole && !isFifthWheel(loads.view.trailer);
  return byAxles ? { limit: 'trailerAxlesMax', value: axles } : { limit: 'trailerMax', value: whole };
}

/** D out of the permitted masses on the plates. */
function neededDValue(loads: Loads): Needed {
  const car = plated(loads, 'vehicleMax', ['vehicle']);
  const whole = plated(loads, 'trailerMax', ['trailer']);
  const missing = [...car.missing, ...whole.missing];
  if (car.value === null || whole.value === null) return { value: null, byWhole: null, missing };
  if (isFifthWheel(loads.view.trailer)) {
    const pin = plated(loads, 'ballMax', ['vehicle', 'trailer']);
    if (pin.value === null) return { value: null, byWhole: null, missing: [...missing, ...pin.missing] };
    const value = fifthWheelDValueKn(car.value, whole.value, pin.value);
    return value === null ? noNumber(loads) : { value, byWhole: null, missing };
  }
  const byWhole = dValueKn(car.value, whole.value);
  if (byWhole === null) return noNumber(loads);
  const { limit, value: towed } = massForD(loads);
  if (limit === 'trailerMax' || towed === null) return { value: byWhole, byWhole: null, missing };
  return { value: dValueKn(car.value, towed), byWhole, missing };
}

/** The plates are there, and what follows from them is no number: a plate says 0. */
function noNumber(loads: Loads): Needed {
  const { vehicle } = loads.view;
  const missing: Missing[] = vehicle ? [{ code: 'reckoning', body: vehicle.id, bodyName: vehicle.name }] : [];
  return { value: null, byWhole: null, missing };
}

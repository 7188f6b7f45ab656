import type { Loads } from '../loads/loads.ts';
import { tyreReserve } from '../limits/tyreCapacity.ts';
import { tyreLoad } from '../limits/tyreTable.ts';
import { message, term } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Check } from '../checks/check.ts';
import { plated } from '../rulebook/context.ts';
import { gravity } from '../statics/distribution.ts';
import { work, type Operand, type Step } from './explanation.ts';

/** How the D-value follows from the permitted masses, in tonnes. */
export function dValueSteps(loads: Loads): readonly Step[] {
  const tonnes = (name: string, kg: number): Operand => ({
    name: message('step.quantity', { quantity: term(name) }),
    value: kg / 1000,
    unit: 't',
  });
  const car = plated(loads, 'vehicleMax', ['vehicle']).value;
  const towed = plated(loads, 'trailerMax', ['trailer']).value;
  if (car === null || towed === null) return [];
  const [T, R] = [tonnes('vehicleMax', car), tonnes('trailerMax', towed)];
  const g: Operand = { name: message('step.gravity'), value: gravity, unit: 'share' };
  const both = work('sum', [T, R], message('step.dTogether'), 't');
  if (!isFifthWheel(loads.view.trailer)) {
    const top = work('product', [g, T, R], message('step.dProduct'), 'share');
    return [both, top, work('quotient', [top.result, both.result], message('check.dValue'), 'kN')];
  }
  const pin = plated(loads, 'ballMax', ['vehicle', 'trailer']).value;
  if (pin === null) return [];
  const factor: Operand = { name: message('step.fifthWheelFactor'), value: 0.6, unit: 'share' };
  const top = work('product', [g, factor, T, R], message('step.dProduct'), 'share');
  const rest = work('difference', [both.result, tonnes('pinMax', pin)], message('step.dLessPin'), 't');
  return [both, rest, top, work('quotient', [top.result, rest.result], message('check.dValue'), 'kN')];
}

/** What the tyres or wheels of an axle carry together. */
export function gearLimitSteps(loads: Loads, check: Check): readonly Step[] {
  const [rule, axle] = check.id.split(':');
  const body = axle === 'trailer' ? loads.view.trailer : loads.view.vehicle;
  const gear = body?.gear?.find((one) => one.axle === axle);
  if (!gear) return [];
  const wheels: Operand = { name: message('step.wheels'), value: gear.wheels, unit: 'share' };
  const each = rule === 'gear.wheels' ? wheelEach(gear) : tyreEach(gear);
  if (!each || rule === 'gear.springs') return [];
  const all = work('product', [each, wheels], check.name);
  if (rule !== 'gear.tyreReserve') return [all];
  const share: Operand = { name: message('step.share'), value: tyreReserve, unit: 'share' };
  return [all, work('product', [all.result, share], check.name)];
}

const wheelEach = ({ wheelRating }: RunningGear): Operand | null =>
  wheelRating === undefined ? null : { name: message('step.perWheel'), value: wheelRating, unit: 'kg' };

function tyreEach({ loadIndex, twinned }: RunningGear): Operand | null {
  const value = loadIndex === undefined ? null : tyreLoad(loadIndex, twinned ?? false);
  if (value === null || loadIndex === undefined) return null;
  return { name: message(twinned ? 'step.perTyreTwinned' : 'step.perTyre', { index: loadIndex }), value, unit: 'kg' };
}

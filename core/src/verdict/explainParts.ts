import type { Loads } from '../loads/loads.ts';
import { message, term } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import { massForD } from '../rules/dValue.ts';
import { plated } from '../rules/plated.ts';
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
  const { limit, value: towed } = massForD(loads);
  if (car === null || towed === null) return [];
  const [T, R] = [tonnes('vehicleMax', car), tonnes(limit, towed)];
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

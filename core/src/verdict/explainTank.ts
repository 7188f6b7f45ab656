import { tankLevel } from '../loading/tankLevel.ts';
import { placedBodies } from '../loading/rigView.ts';
import { tankDensity } from '../loading/tankContents.ts';
import { message, verbatim } from '../messages/message.ts';
import type { Assessment } from './assess.ts';
import { work, type Explanation, type Operand, type Step } from './explanation.ts';

/** What a tank holds: size, density and level multiplied, or the share of a full gas bottle. @param key body/tank */
export function explainTank({ loads }: Assessment, key: string): Explanation | null {
  for (const { body } of placedBodies(loads.view)) {
    const tank = body.tanks.find((one) => `${body.id}/${one.id}` === key);
    if (!tank) continue;
    const level = tankLevel(loads.view, body.id, tank.id);
    const filled: Operand = { name: message('step.level'), value: level, unit: 'share' };
    const title = verbatim(tank.name);
    if (tank.kind === 'gas') return { title, steps: product(tank.contents, 'step.fullBottle', 'kg', [filled], title) };
    const density = tankDensity(tank);
    if (density === undefined) return { title, steps: [] };
    const weight: Operand = { name: message('step.density'), value: density, unit: 'kgPerL' };
    return { title, steps: product(tank.capacityL, 'step.capacity', 'L', [weight, filled], title) };
  }
  return null;
}

const product = (
  size: number | undefined,
  key: string,
  unit: Operand['unit'],
  times: readonly Operand[],
  name: Explanation['title'],
): readonly Step[] =>
  size === undefined ? [] : [work('product', [{ name: message(key), value: size, unit }, ...times], name)];

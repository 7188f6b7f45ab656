import type { Message } from '../messages/message.ts';

export type ExplainedUnit =
  'kg' | 'm' | 'kgm' | 'share' | 'percent' | 'L' | 'kgPerL' | 'Nm' | 'kN' | 't' | 'people' | 'pieces' | 'kmh' | 'years';

/** A number in the arithmetic: what it is, how much, and where it comes from. */
export interface Operand {
  readonly name: Message;
  readonly value: number;
  readonly unit: ExplainedUnit;
  /** Its lever, where the step multiplies by one, m (or by a plain number where the unit is m). */
  readonly x?: number;
  readonly origin?: Message;
}

/**
 * One line a person can redo by hand.
 * sum: a + b + …; moments: a·x + b·x + … (one without a lever counts as it is); difference: a − b − …; quotient: a / b;
 * product: a · b · …; lever: a · b / c;
 * weighted: a·x + b·x + … with plain numbers for x; lowest: the least of them.
 */
export interface Step {
  readonly op: 'sum' | 'moments' | 'weighted' | 'difference' | 'quotient' | 'product' | 'lever' | 'lowest';
  readonly operands: readonly Operand[];
  readonly result: Operand;
}

export interface Explanation {
  readonly title: Message;
  readonly steps: readonly Step[];
}

/** Does a step as a person would. The result of every step is made here and nowhere else. */
export function work(op: Step['op'], operands: readonly Operand[], name: Message, unit: ExplainedUnit = 'kg'): Step {
  return { op, operands, result: { name, value: outcome(op, operands), unit } };
}

function outcome(op: Step['op'], operands: readonly Operand[]): number {
  const values = operands.map((operand) => operand.value);
  const [a = 0, b = 0, c = 1] = values;
  switch (op) {
    case 'sum':
      return values.reduce((sum, value) => sum + value, 0);
    case 'moments':
    case 'weighted':
      return operands.reduce((sum, operand) => sum + operand.value * (operand.x ?? 1), 0);
    case 'difference':
      return values.slice(1).reduce((rest, value) => rest - value, a);
    case 'quotient':
      return a / b;
    case 'product':
      return values.reduce((all, value) => all * value, 1);
    case 'lever':
      return (a * b) / c;
    case 'lowest':
      return Math.min(...values);
  }
}

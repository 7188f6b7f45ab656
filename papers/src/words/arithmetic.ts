import type { Operand, Step } from '@wagonomos/core';
import type { Translate } from './margin.ts';
import { written } from './inLanguage.ts';

const signs: Readonly<Record<Step['op'], string>> = {
  sum: '+',
  moments: '+',
  weighted: '+',
  difference: '−',
  quotient: '÷',
  product: '×',
  lever: '×',
  lowest: '·',
};

/** A line of arithmetic as it is written down: its sign, its number without it, its lever. Always in kg and m. */
export interface WrittenOperand {
  readonly sign: string;
  readonly figure: string;
  /** Empty: the step has none. */
  readonly lever: string;
}

/** A mass that comes off again is written as taken away, not as adding a negative. */
const takenOff = (step: Step, operand: Operand): boolean => signs[step.op] === '+' && operand.value < 0;

const decimals = (unit: Operand['unit']): number => (unit === 'kg' || unit === 'kgm' ? 1 : 3);

/** A number of the arithmetic with its unit. */
export const operandText = (t: Translate, { unit, value }: Operand): string =>
  t(`app.arithmetic.unit.${unit}`, { value: written(value, decimals(unit)) });

/** One operand of a step, so that a person can redo it by hand. */
export function writtenOperand(t: Translate, step: Step, operand: Operand, index: number): WrittenOperand {
  const off = takenOff(step, operand);
  const sign = off ? '−' : index === 0 ? '' : step.op === 'lever' && index === 2 ? '÷' : signs[step.op];
  const { x } = operand;
  const lever =
    step.op === 'moments' && x !== undefined
      ? t('app.arithmetic.lever', { value: written(x, 3) })
      : step.op === 'weighted'
        ? t('app.arithmetic.weight', { value: written(x ?? 1, 3) })
        : '';
  return { sign, figure: operandText(t, off ? { ...operand, value: -operand.value } : operand), lever };
}

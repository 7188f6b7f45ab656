import { message, percent, type Message } from '../messages/message.ts';
import type { RuleInForce } from '../checks/ruleFacts.ts';
import type { AnyRule, FigureUnit } from '../rules/rule.ts';

/** The numbers a rule itself names in one place, each in words and by the unit it names them in. */
export function ruleFigures(
  { needs, may }: Pick<AnyRule, 'needs' | 'may'>,
  { figures = {} }: RuleInForce,
): readonly Message[] {
  const units = { ...needs, ...may } as Readonly<Record<string, FigureUnit>>;
  return Object.entries(figures).map(([name, value]) =>
    message(`ruleFigure.${name}`, value === true ? {} : { value: inUnit(value, units[name]) }),
  );
}

const inUnit = (value: number, unit: FigureUnit | undefined) => {
  if (unit === 'share') return percent(value);
  return unit === 'kg' ? ({ kind: 'amount', unit, value, rounding: 'nearest' } as const) : value;
};

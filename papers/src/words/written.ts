import {
  displayLength,
  displayMass,
  lengthUnitOf,
  type Amount,
  type Check,
  type MassUnit,
  type Rounding,
} from '@wagonomos/core';
import { written } from './inLanguage.ts';

/** A length in metres, or in feet where masses are in pounds, with its unit. */
export const writtenLength = (metres: number, unit: MassUnit): string =>
  `${written(displayLength(metres, unit), 2)} ${lengthUnitOf(unit)}`;

/** An amount of a message with its unit; masses, whole, in the unit people chose. */
export function amountText(amount: Amount, unit: MassUnit): string {
  if (amount.unit === 'kg') return `${written(displayMass(amount.value, unit, amount.rounding), 0)} ${unit}`;
  if (amount.unit === 'percent') return `${written(amount.value, 1)} %`;
  return `${written(amount.value, amount.unit === 'Nm' || amount.unit === 'kPa' ? 0 : 2)} ${amount.unit}`;
}

/** A number of a check as it is shown: whole kg or lb, rounded to the safe side; kN and metres with two decimals, years with one. */
export function checkAmount(check: Check, value: number, unit: MassUnit, rounding: Rounding): string {
  if (check.unit === undefined) return written(displayMass(value, unit, rounding), 0);
  const digits = check.unit === 'kN' || check.unit === 'm' ? 2 : check.unit === 'years' ? 1 : 0;
  const step = 10 ** digits;
  const safe = rounding === 'load' ? Math.ceil(value * step - 1e-6) : Math.floor(value * step + 1e-6);
  return written(safe / step, digits);
}

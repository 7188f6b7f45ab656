import { displayMass, type Amount, type Check, type MassUnit, type Rounding } from '@wagonomos/core';

const formats = new Map<number, Intl.NumberFormat>();

/** A number with its thousands set apart and at most so many decimals. */
export function written(value: number, digits: number): string {
  const format = formats.get(digits) ?? new Intl.NumberFormat('en-GB', { maximumFractionDigits: digits });
  formats.set(digits, format);
  return format.format(value).replace('-', '−');
}

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

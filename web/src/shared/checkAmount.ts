import { displayMass, type Check, type MassUnit, type Rounding } from '@wagonomos/core';
import { written } from './useSpeech.ts';

/** A number of a check as it is shown: whole kg or lb, rounded to the safe side; kN with two decimals, years with one. */
export function checkAmount(check: Check, value: number, unit: MassUnit, rounding: Rounding): string {
  if (check.unit === undefined) return written(displayMass(value, unit, rounding), 0);
  const digits = check.unit === 'kN' ? 2 : check.unit === 'years' ? 1 : 0;
  const step = 10 ** digits;
  const safe = rounding === 'load' ? Math.ceil(value * step - 1e-6) : Math.floor(value * step + 1e-6);
  return written(safe / step, digits);
}

import { roundLoad, roundMargin, roundNearest } from './rounding.ts';
import { unitTable } from './unitTable.ts';

export const massUnits = ['kg', 'lb'] as const;
export type MassUnit = (typeof massUnits)[number];

/** How a mass is rounded for show: loads up, margins down, plain figures to the nearest. */
export type Rounding = 'load' | 'margin' | 'nearest';

/** A mass in kg as a rounded number in the unit people chose. `step` is in that unit. */
export function displayMass(kg: number, unit: MassUnit, rounding: Rounding, step = 1): number {
  const value = kg / (unitTable.mass[unit]?.factor ?? 1);
  if (rounding === 'load') return roundLoad(value, step);
  return rounding === 'margin' ? roundMargin(value, step) : roundNearest(value, step);
}

/** The unit of length of whoever weighs in this unit. */
export const lengthUnitOf = (unit: MassUnit): 'm' | 'ft' => (unit === 'lb' ? 'ft' : 'm');

/** A length in m as a number in that unit; not rounded. */
export const displayLength = (metres: number, unit: MassUnit): number =>
  metres / (unitTable.length[lengthUnitOf(unit)]?.factor ?? 1);

/** kg of so many of a unit of mass. */
export const kilogramsOf = (value: number, unit: MassUnit): number => value * (unitTable.mass[unit]?.factor ?? 1);

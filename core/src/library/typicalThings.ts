import { typicalThings, type TypicalThing } from './typicalThings.data.ts';

/** The middle of the range, and its half as a ± of two standard deviations. kg, to half a kilogram above five. */
export function typicalMass({ least, most }: TypicalThing): { readonly mass: number; readonly plusMinus: number } {
  const step = most > 5 ? 0.5 : 0.1;
  const rounded = (value: number) => Math.round(value / step) * step;
  const mass = Number(rounded((least + most) / 2).toFixed(1));
  return { mass, plusMinus: Number(Math.max(most - mass, mass - least).toFixed(2)) };
}

/** What serves instead and weighs less, with what is saved by the middles of both ranges; null where nothing is known. */
export function lighterInstead(thing: TypicalThing): { readonly thing: TypicalThing; readonly saves: number } | null {
  const other = typicalThings.find((one) => one.id === thing.lighter);
  return other ? { thing: other, saves: typicalMass(thing).mass - typicalMass(other).mass } : null;
}

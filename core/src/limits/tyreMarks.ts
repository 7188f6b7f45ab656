import { differenceInDays, parseISO, setISOWeek, startOfISOWeek } from 'date-fns';

/** km/h of the letters on a tyre's wall (ETRTO). H stands out of alphabetical order. */
const speeds: Readonly<Record<string, number>> = {
  B: 50,
  C: 60,
  D: 65,
  E: 70,
  F: 80,
  G: 90,
  J: 100,
  K: 110,
  L: 120,
  M: 130,
  N: 140,
  P: 150,
  Q: 160,
  R: 170,
  S: 180,
  T: 190,
  U: 200,
  H: 210,
  V: 240,
  W: 270,
  Y: 300,
};

/** @returns null for a letter that is not in the table */
export const speedOfSymbol = (symbol: string): number | null =>
  speeds[symbol] ?? (/^A[1-8]$/.test(symbol) ? 5 * Number(symbol.slice(1)) : null);

const daysInYear = 365.25;

/**
 * Years from the week a tyre was made to a day.
 * @param code week and year as on the wall, "2321": week 23 of 2021
 * @param day ISO 8601
 */
export function tyreAge(code: string, day: string): number {
  const week = Number(code.slice(0, 2));
  const year = 2000 + Number(code.slice(2));
  // The fourth of January always lies in the first ISO week.
  const made = startOfISOWeek(setISOWeek(new Date(year, 0, 4), week));
  return differenceInDays(parseISO(day), made) / daysInYear;
}

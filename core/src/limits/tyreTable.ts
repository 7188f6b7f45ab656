/** kg one tyre may carry, by load index, from 60 on. The standard table of the tyre trade (ETRTO), the same everywhere. */
const from60: readonly number[] = [
  250, 257, 265, 272, 280, 290, 300, 307, 315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450, 462, 475,
  487, 500, 515, 530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800, 825, 850, 875, 900, 925,
  950, 975, 1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400, 1450, 1500, 1550, 1600, 1650,
  1700, 1750, 1800, 1850, 1900,
];

/** The index of the wall as one number: "107/105" is 107 for a single wheel and 105 for wheels twinned side by side. */
export function indexFor(loadIndex: string, twinned: boolean): number {
  const [single = NaN, dual = single] = loadIndex.split('/').map(Number);
  return twinned ? dual : single;
}

/** kg of one tyre, or null where the index is outside the table (60 to 130). */
export const tyreLoad = (loadIndex: string, twinned: boolean): number | null =>
  from60[indexFor(loadIndex, twinned) - 60] ?? null;

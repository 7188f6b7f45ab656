/** A plate, an empty figure, a total: from the smallest trailer to the heaviest coach, kg. */
const likely = { least: 200, most: 12_000 } as const;
/** What may stand beside a plate: a tenth of it to twice, as shares of it. */
const beside = { least: 0.1, most: 2 } as const;

/**
 * The mass that was meant, where a point that groups thousands was read as a decimal one: "3.540" for 3,540 kg. Asked of fields that
 * hold the mass of a vehicle, an axle or a trailer, where a thousandth of one is no answer.
 * @param typed as it was typed; without a point or comma between figures nothing can have slipped
 * @param value what was read, kg
 * @param plated what stands on the plate beside it, kg; null: nobody knows
 * @returns a thousand times as much, kg, where that is likely; null: there is nothing to ask
 */
export function slippedPoint(typed: string, value: number, plated: number | null): number | null {
  if (!/\d[.,]\d/.test(typed)) return null;
  const meant = value * 1000;
  const { least, most } = plated === null ? likely : { least: beside.least * plated, most: beside.most * plated };
  return meant >= least && meant <= most ? meant : null;
}

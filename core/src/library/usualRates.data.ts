/** What is usual of something used up on the way: a middle, and the ± within which 95 of 100 lie. */
interface UsualRate {
  readonly value: number;
  readonly plusMinus: number;
}
const rate = (value: number, plusMinus: number): UsualRate => ({ value, plusMinus });

/**
 * Compiled from general knowledge on 2026-11-28, of no make: low confidence, wide on purpose. Fuel L for 100 km; water L a person and
 * night; waste the share of that water that ends in the grey tank; gas kg a night; food kg a person and night; pace km/h with all stops.
 */
export const usualRates = {
  car: { fuelAlone: rate(8.5, 2.5), fuelTowing: rate(13.5, 3.5), pace: rate(70, 15) },
  motorCaravan: { fuelAlone: rate(11.5, 2.5), fuelTowing: rate(14, 3), pace: rate(70, 15) },
  any: { water: rate(15, 8), waste: rate(0.85, 0.12), gas: rate(0.3, 0.25), food: rate(1.6, 0.7) },
} as const;

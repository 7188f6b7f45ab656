/**
 * Payload as the papers would have it, with the range a production tolerance of the empty figure allows.
 * @param tolerance share of the empty mass, e.g. 0.05; it shrinks or grows the payload and is no overload allowance
 */
export function publishedPayload(
  max: number,
  emptyMass: number,
  tolerance: number,
): { readonly payload: number; readonly low: number; readonly high: number } {
  return { payload: max - emptyMass, low: max - emptyMass * (1 + tolerance), high: max - emptyMass * (1 - tolerance) };
}

/**
 * Least payload a maker must leave on a motor caravan or caravan: 10·(n + L) kg. A duty on the maker and a buyer's
 * plausibility check, never an owner's limit. Regulation (EU) 1230/2012, Annex I.
 * @param people seats with the driver's (motor caravan) or berths (caravan)
 * @param length overall length (motor caravan) or body length without drawbar (caravan), m
 * @param payload what is left after passengers at 75 kg and options, kg
 */
export function payloadMinimum(
  people: number,
  length: number,
  payload: number,
): { readonly minimumPayload: number; readonly margin: number; readonly meets: boolean } {
  const minimumPayload = 10 * (people + length);
  return { minimumPayload, margin: payload - minimumPayload, meets: payload >= minimumPayload };
}

/** Two masses closer than this, kg, are the same: summing a few hundred floats drifts by less. */
export const massTolerance = 1e-6;

/** A load shown to people: never less than it is. `step` and `value` in one unit. */
export function roundLoad(value: number, step: number): number {
  return tidy(Math.ceil(value / step - massTolerance) * step, step);
}

/** A margin shown to people: never more than it is; an excess (negative) grows, never shrinks. */
export function roundMargin(value: number, step: number): number {
  return tidy(Math.floor(value / step + massTolerance) * step, step);
}

/** An inert figure, to the nearest step. */
export function roundNearest(value: number, step: number): number {
  return tidy(Math.round(value / step) * step, step);
}

/** Removes the binary dust of `n * 0.1`, and minus zero. */
function tidy(value: number, step: number): number {
  const digits = Math.max(0, Math.ceil(-Math.log10(step)));
  return Number(value.toFixed(digits)) + 0;
}

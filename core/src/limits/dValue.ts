import { gravity } from '../statics/distribution.ts';

/**
 * The horizontal force a coupling must be built for, kN: D = g·T·R/(T + R), T and R the permitted masses of vehicle and
 * trailer in tonnes. UN Regulation 55.
 * @param vehicle T, kg; @param trailer R, kg
 * @returns null where both are nothing: then the formula has no value
 */
export const dValueKn = (vehicle: number, trailer: number): number | null => forceOf(1, vehicle, trailer, 0);

/**
 * The same for a fifth wheel: D = g·0.6·T·R/(T + R − U), U the permitted pin load. Medium confidence.
 * @param pin U, kg
 * @returns null where the pin carries as much as both together, or more: then the formula has no value
 */
export const fifthWheelDValueKn = (vehicle: number, trailer: number, pin: number): number | null =>
  forceOf(0.6, vehicle, trailer, pin);

function forceOf(factor: number, vehicle: number, trailer: number, pin: number): number | null {
  const together = vehicle / 1000 + trailer / 1000 - pin / 1000;
  return together <= 0 ? null : (gravity * factor * (vehicle / 1000) * (trailer / 1000)) / together;
}

/**
 * The heaviest trailer a D-value allows behind a vehicle, kg: the formula solved for R. Infinite where the plate is strong
 * enough for any trailer (D ≥ g·T).
 */
export function heaviestTrailer(dKn: number, vehicle: number): number {
  const tonnes = vehicle / 1000;
  const rest = gravity * tonnes - dKn;
  return rest <= 0 ? Infinity : (1000 * dKn * tonnes) / rest;
}

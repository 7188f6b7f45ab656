import type { VehicleBuild } from '../rig/body.ts';
import type { TankKind } from '../rig/equipment.ts';

/** What is usual: a middle, and the ± within which 95 of 100 such bodies lie (two standard deviations). */
export interface TypicalRange {
  readonly middle: number;
  readonly plusMinus: number;
}

const range = (middle: number, plusMinus: number): TypicalRange => ({ middle, plusMinus });

/** A range for bodies whose plated maximum is not above so many kg; the last, without a mass, for the rest. */
export interface BySize {
  readonly upTo?: number;
  readonly range: TypicalRange;
}

interface TypicalVehicle {
  readonly wheelbase: readonly BySize[];
  /** Where the size is not known. */
  readonly anyWheelbase: TypicalRange;
  readonly couplingOverhang: TypicalRange;
  readonly rearOverhang: TypicalRange;
  /** Share of the empty vehicle on its front axle. */
  readonly frontShare: TypicalRange;
  readonly frontSeats: TypicalRange;
  /** Where people sit of whom no seat is said. */
  readonly cabin: TypicalRange;
}

/**
 * Compiled from general knowledge of such bodies on 2026-11-27, of no make: low confidence, wide on purpose, and marked as
 * usual wherever one has a part in a figure. m; shares 0 to 1.
 */
export const typicalVehicles: Readonly<Record<VehicleBuild, TypicalVehicle>> = {
  car: {
    wheelbase: [
      { upTo: 1700, range: range(2.52, 0.16) },
      { upTo: 2200, range: range(2.7, 0.16) },
      { range: range(2.82, 0.2) },
    ],
    anyWheelbase: range(2.65, 0.28),
    couplingOverhang: range(0.95, 0.2),
    rearOverhang: range(0.85, 0.2),
    frontShare: range(0.59, 0.06),
    frontSeats: range(1.3, 0.2),
    cabin: range(1.6, 0.65),
  },
  wagon: {
    wheelbase: [
      { upTo: 2300, range: range(2.7, 0.15) },
      { upTo: 3000, range: range(2.82, 0.18) },
      { range: range(2.98, 0.32) },
    ],
    anyWheelbase: range(2.82, 0.32),
    couplingOverhang: range(1.08, 0.25),
    rearOverhang: range(0.95, 0.2),
    frontShare: range(0.55, 0.06),
    frontSeats: range(1.4, 0.2),
    cabin: range(1.75, 0.7),
  },
  ute: {
    wheelbase: [{ upTo: 3500, range: range(3.15, 0.22) }, { range: range(3.55, 0.5) }],
    anyWheelbase: range(3.35, 0.6),
    couplingOverhang: range(1.25, 0.28),
    rearOverhang: range(1.15, 0.25),
    frontShare: range(0.57, 0.06),
    frontSeats: range(1.45, 0.25),
    cabin: range(1.8, 0.7),
  },
  van: {
    wheelbase: [
      { upTo: 2900, range: range(3.05, 0.35) },
      { upTo: 3500, range: range(3.5, 0.6) },
      { range: range(3.9, 0.6) },
    ],
    anyWheelbase: range(3.4, 0.8),
    couplingOverhang: range(1.15, 0.4),
    rearOverhang: range(1.0, 0.35),
    frontShare: range(0.58, 0.08),
    frontSeats: range(0.8, 0.3),
    cabin: range(1.3, 0.9),
  },
  motorhome: {
    wheelbase: [
      { upTo: 3500, range: range(3.7, 0.55) },
      { upTo: 4500, range: range(4.0, 0.6) },
      { range: range(4.4, 1.1) },
    ],
    anyWheelbase: range(3.9, 0.9),
    couplingOverhang: range(1.95, 0.85),
    rearOverhang: range(1.85, 0.8),
    frontShare: range(0.48, 0.09),
    frontSeats: range(0.8, 0.3),
    cabin: range(1.3, 0.9),
  },
};

/** m of the pin behind the rear axle; ahead of it is negative. */
export const typicalPin = range(-0.12, 0.22);

/** Where a vehicle's tanks lie: a share of the wheelbase behind the front axle, and ± in m. */
export const typicalVehicleTanks: Readonly<Record<TankKind, { readonly share: number; readonly plusMinus: number }>> = {
  fuel: { share: 0.65, plusMinus: 0.9 },
  fresh: { share: 0.75, plusMinus: 1.2 },
  grey: { share: 0.85, plusMinus: 1.2 },
  black: { share: 1, plusMinus: 1.2 },
  gas: { share: 0.85, plusMinus: 1.5 },
};

interface TypicalTrailer {
  /** m from the coupling to the axles, where no length of the body is known. */
  readonly axlePosition: readonly BySize[];
  readonly anyAxlePosition: TypicalRange;
  readonly drawbarLength: TypicalRange;
  /** Share of the body's length ahead of the axles. */
  readonly ahead: TypicalRange;
  /** Share of the empty trailer on its coupling. */
  readonly emptyBall: TypicalRange;
}

/** By axles, 1 or more; and for a pin over the bed. */
export const typicalTrailers: Readonly<Record<'single' | 'more' | 'pin', TypicalTrailer>> = {
  single: {
    axlePosition: [
      { upTo: 1000, range: range(3.1, 0.55) },
      { upTo: 1500, range: range(3.75, 0.6) },
      { range: range(4.15, 0.75) },
    ],
    anyAxlePosition: range(3.7, 1),
    drawbarLength: range(1.3, 0.3),
    ahead: range(0.53, 0.06),
    emptyBall: range(0.065, 0.035),
  },
  more: {
    axlePosition: [
      { upTo: 2000, range: range(4.4, 0.8) },
      { upTo: 3000, range: range(4.8, 0.9) },
      { range: range(5.2, 1.1) },
    ],
    anyAxlePosition: range(4.75, 1.2),
    drawbarLength: range(1.5, 0.4),
    ahead: range(0.56, 0.07),
    emptyBall: range(0.095, 0.05),
  },
  pin: {
    axlePosition: [{ range: range(6.2, 1.6) }],
    anyAxlePosition: range(6.2, 1.6),
    drawbarLength: range(0, 0.6),
    ahead: range(0.7, 0.08),
    emptyBall: range(0.19, 0.06),
  },
};

/** Where a trailer's tanks lie, m behind its axles. */
export const typicalTrailerTanks: Readonly<Record<TankKind, TypicalRange>> = {
  fuel: range(0, 1.5),
  fresh: range(-0.1, 1),
  grey: range(0.2, 1.1),
  black: range(0.6, 1.4),
  gas: range(-3, 1.1),
};

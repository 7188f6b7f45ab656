import type { EmptyBasis } from './emptyMass.ts';

/**
 * kg of a person where nobody has said otherwise, and what every running-order figure of a motor vehicle counts for its
 * driver. Regulation (EU) 1230/2012, Article 2.
 */
export const standardPerson = 75;
const tareFuelLitres = 10;
const defaultMotorCaravanWater = 10;
/** kg of gas in one full aluminium bottle of the common size. */
const defaultMotorCaravanGas = 11;

export interface BasisInput {
  readonly basis: EmptyBasis;
  readonly kind: 'car' | 'motorCaravan' | 'trailer';
  /** L; undefined where unknown. */
  readonly fuelTankLitres?: number | undefined;
  /** Fresh water, L, and gas contents, kg, that the maker states in the figure. */
  readonly waterLitres?: number | undefined;
  readonly gasContent?: number | undefined;
}

/** What an empty figure contains beyond the bare body. null: it does contain fuel, and the tank size is not known. */
export interface BasisContents {
  readonly driver: number;
  readonly fuelLitres: number | null;
  readonly waterLitres: number;
  readonly gas: number;
}

/**
 * People and liquids inside an empty figure, by its basis. A trailer's running order has no driver and no fuel, and
 * counts only the water and gas its maker states: leaving them in when unstated errs on the heavy side.
 */
export function basisContents(input: BasisInput): BasisContents {
  const empty = { driver: 0, fuelLitres: 0, waterLitres: 0, gas: 0 };
  const ofTank = (share: number) => (input.fuelTankLitres === undefined ? null : share * input.fuelTankLitres);
  switch (input.basis) {
    case 'au-tare-vehicle':
      return { ...empty, fuelLitres: tareFuelLitres };
    case 'kerb':
      return { ...empty, fuelLitres: ofTank(1) };
    case 'running-order': {
      if (input.kind === 'trailer')
        return { ...empty, waterLitres: input.waterLitres ?? 0, gas: input.gasContent ?? 0 };
      const lived = input.kind === 'motorCaravan';
      return {
        driver: standardPerson,
        fuelLitres: ofTank(0.9),
        waterLitres: input.waterLitres ?? (lived ? defaultMotorCaravanWater : 0),
        gas: input.gasContent ?? (lived ? defaultMotorCaravanGas : 0),
      };
    }
    case 'running-order-half-tank':
      return {
        driver: standardPerson,
        fuelLitres: ofTank(0.5),
        waterLitres: input.waterLitres ?? defaultMotorCaravanWater,
        gas: input.gasContent ?? 0,
      };
    case 'au-tare-trailer':
    case 'dry':
    case 'weighed':
      return empty;
  }
}

/** kg/L of water, fresh or used. */
export const waterDensity = 1;

/**
 * The body alone: no people, fuel, water or gas, so that nothing is counted twice when they are added.
 * @param fuelDensity kg/L
 * @param onBoard kg that stood on the scale and is not part of the body (`weighed`)
 * @returns kg, or null when the figure contains a share of a tank whose size is not known
 */
export function bareMass(
  input: BasisInput & { readonly mass: number; readonly fuelDensity?: number; readonly onBoard?: number },
): number | null {
  const contents = basisContents(input);
  if (contents.fuelLitres === null || (contents.fuelLitres > 0 && input.fuelDensity === undefined)) return null;
  return (
    input.mass -
    contents.driver -
    contents.fuelLitres * (input.fuelDensity ?? 0) -
    contents.waterLitres * waterDensity -
    contents.gas -
    (input.onBoard ?? 0)
  );
}

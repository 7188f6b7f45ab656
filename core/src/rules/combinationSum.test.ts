import { describe, expect, it } from 'vitest';
import { made, plateOf } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';

/** The limit of both together by their permitted masses, with these loads allowed on the coupling. */
function limit(car: number | null, trailer: number | null): number | null | undefined {
  const ball = (source: 'towBar' | 'couplingHead', value: number | null) =>
    value === null ? [] : [plateOf(source, 'ballMax', value)];
  const view = made({
    country: 'DE',
    vehicle: { plates: [plateOf('vehiclePlate', 'vehicleMax', 2200), ...ball('towBar', car)] },
    trailer: { plates: [plateOf('caravanPlate', 'trailerMax', 1500), ...ball('couplingHead', trailer)] },
  });
  return assess(view).checks.find(({ id }) => id === 'combination.sum')?.limit;
}

describe('permitted masses together', () => {
  it('are less the greater of the loads that car and trailer allow on the coupling', () => {
    expect(limit(75, 100)).toBe(2200 + 1500 - 100);
    expect(limit(120, 100)).toBe(2200 + 1500 - 120);
    expect(limit(80, null)).toBe(2200 + 1500 - 80);
    expect(limit(null, 90)).toBe(2200 + 1500 - 90);
  });

  it('are not known where nobody knows what either allows there', () => {
    expect(limit(null, null)).toBeNull();
  });
});

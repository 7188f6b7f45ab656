import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 90,
      motorway: 90,
      source: 'esVehicleRules',
      confidence: 'medium',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: 90,
      motorway: 90,
      source: 'esVehicleRules',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 90,
      dual: 120,
      motorway: 120,
      from: '2019-01-29',
      source: 'esVehicleRules',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 100,
      dual: 120,
      motorway: 120,
      until: '2019-01-29',
      source: 'esVehicleRules',
      confidence: 'medium',
    },
  ],
};

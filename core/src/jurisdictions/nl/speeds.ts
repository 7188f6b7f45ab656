import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, vehicleAbove: 3500 },
      rural: 80,
      dual: 80,
      motorway: 80,
      source: 'nlVehicleRules',
      confidence: 'medium',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 90,
      motorway: 90,
      source: 'nlVehicleRules',
      confidence: 'high',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: 80,
      motorway: 80,
      source: 'nlVehicleRules',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 80,
      dual: 100,
      motorway: 100,
      from: '2020-03-16',
      source: 'nlVehicleRules',
      confidence: 'high',
      asks: 'byDay',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 80,
      dual: 100,
      motorway: 130,
      until: '2020-03-16',
      source: 'nlVehicleRules',
      confidence: 'medium',
    },
  ],
};

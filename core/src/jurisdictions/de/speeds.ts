import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, vehicleAbove: 3500 },
      rural: 60,
      dual: 80,
      motorway: 80,
      source: 'deTraffic',
      confidence: 'high',
    },
    {
      as: 'veryHeavy',
      when: { towing: false, vehicleAbove: 7500 },
      rural: 60,
      dual: 80,
      motorway: 80,
      source: 'deTraffic',
      confidence: 'medium',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: 100,
      motorway: 100,
      source: 'deTraffic',
      confidence: 'high',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 80,
      motorway: 80,
      source: 'deTraffic',
      confidence: 'high',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 100,
      dual: null,
      motorway: null,
      source: 'deTraffic',
      confidence: 'high',
    },
  ],
};

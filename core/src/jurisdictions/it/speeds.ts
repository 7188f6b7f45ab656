import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'towing',
      when: { towing: true },
      rural: 70,
      dual: 70,
      motorway: 80,
      source: 'itRoadCode',
      confidence: 'high',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: null,
      motorway: 100,
      source: 'itRoadCode',
      confidence: 'high',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 90,
      dual: 110,
      motorway: 130,
      source: 'itRoadCode',
      confidence: 'high',
    },
  ],
};

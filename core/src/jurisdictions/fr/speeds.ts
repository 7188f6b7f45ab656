import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, any: [{ vehicleAbove: 3500 }, { togetherAbove: 3500 }] },
      rural: 80,
      dual: 90,
      motorway: 90,
      source: 'frRoadCode',
      confidence: 'low',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 110,
      motorway: 130,
      source: 'frRoadCode',
      confidence: 'medium',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: 100,
      motorway: 110,
      source: 'frRoadCode',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 80,
      dual: 110,
      motorway: 130,
      source: 'frRoadCode',
      confidence: 'high',
    },
  ],
};

import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, any: [{ combinationAbove: 4500 }, { vehicleAbove: 4500 }] },
      rural: 100,
      dual: 100,
      motorway: 100,
      source: 'auVehicleStandards',
      confidence: 'medium',
      state: 'NSW',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 4500 },
      rural: 100,
      dual: 100,
      motorway: 100,
      source: 'auVehicleStandards',
      confidence: 'medium',
      state: 'NSW',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 100,
      dual: 100,
      motorway: 100,
      source: 'auVehicleStandards',
      confidence: 'low',
      state: 'WA',
    },
  ],
  novice: { state: 'NSW', ceilings: { learner: 90, p1: 90, p2: 100 }, source: 'auNovice', confidence: 'medium' },
};

import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, vehicleAbove: 3500 },
      rural: 70,
      dual: 80,
      motorway: 80,
      source: 'atMotorLaw',
      confidence: 'medium',
    },
    {
      as: 'lightTrailer',
      when: { towing: true, trailerMost: 750 },
      rural: 100,
      dual: 100,
      motorway: 100,
      source: 'atMotorLaw',
      confidence: 'medium',
    },
    {
      as: 'heavyTowing',
      when: { towing: true, togetherAbove: 3500 },
      rural: 70,
      dual: 80,
      motorway: 80,
      source: 'atMotorLaw',
      confidence: 'medium',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 100,
      motorway: 100,
      source: 'atMotorLaw',
      confidence: 'medium',
      asks: 'trailerWithinEmpty',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 70,
      dual: null,
      motorway: 80,
      source: 'atMotorLaw',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 100,
      dual: 100,
      motorway: 130,
      source: 'atMotorLaw',
      confidence: 'high',
    },
  ],
};

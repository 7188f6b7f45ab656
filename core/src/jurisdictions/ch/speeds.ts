import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'km/h',
  rows: [
    {
      as: 'heavyTowing',
      when: { towing: true, vehicleAbove: 3500 },
      rural: 80,
      dual: null,
      motorway: 80,
      source: 'chTrafficLaw',
      confidence: 'medium',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: null,
      motorway: 100,
      from: '2021-01-01',
      source: 'chTrafficLaw',
      confidence: 'medium',
      asks: 'bothApproved',
    },
    {
      as: 'towing',
      when: { towing: true },
      rural: 80,
      dual: 80,
      motorway: 80,
      until: '2021-01-01',
      source: 'chTrafficLaw',
      confidence: 'medium',
    },
    {
      as: 'heavy',
      when: { towing: false, vehicleAbove: 3500 },
      rural: 80,
      dual: null,
      motorway: 100,
      source: 'chTrafficLaw',
      confidence: 'medium',
    },
    {
      as: 'car',
      when: { towing: false },
      rural: 80,
      dual: 100,
      motorway: 120,
      source: 'chTrafficLaw',
      confidence: 'high',
    },
  ],
};

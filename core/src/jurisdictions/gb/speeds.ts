import type { SpeedLaw } from '../law.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. The first line that applies holds. */
export const speeds: SpeedLaw = {
  unit: 'mph',
  rows: [
    { as: 'towing', when: { towing: true }, rural: 50, dual: 60, motorway: 60, source: 'ukSpeeds', confidence: 'high' },
    {
      as: 'goods',
      when: { towing: false, builds: ['ute', 'van'], unladenAbove: 2040 },
      rural: 50,
      dual: 60,
      motorway: 70,
      source: 'ukSpeeds',
      confidence: 'high',
    },
    {
      as: 'goods',
      when: { towing: false, builds: ['van'], vehicleAbove: 2000, classedAs: ['goods', 'carDerived', 'unsaid'] },
      rural: 50,
      dual: 60,
      motorway: 70,
      source: 'ukSpeeds',
      confidence: 'high',
      asks: 'notDualPurpose',
    },
    {
      as: 'goods',
      when: { towing: false, builds: ['ute', 'van'], classedAs: ['goods'] },
      rural: 50,
      dual: 60,
      motorway: 70,
      source: 'ukSpeeds',
      confidence: 'high',
    },
    {
      as: 'goods',
      when: { towing: false, builds: ['ute', 'van'], classedAs: ['carDerived'], vehicleAbove: 2000 },
      rural: 50,
      dual: 60,
      motorway: 70,
      source: 'ukSpeeds',
      confidence: 'high',
    },
    {
      as: 'heavy',
      when: { towing: false, unladenAbove: 3050 },
      rural: 50,
      dual: 60,
      motorway: 70,
      source: 'ukSpeeds',
      confidence: 'high',
    },
    { as: 'car', when: { towing: false }, rural: 60, dual: 70, motorway: 70, source: 'ukSpeeds', confidence: 'high' },
  ],
};

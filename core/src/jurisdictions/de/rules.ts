import type { FactLayer } from '../../checks/ruleFacts.ts';

/** Germany: towed mass is the axle load, and a light ball is an offence. */
export const rules: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'trailer.axles': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'deMasses' },
  'combination.sum': { kind: 'legal', confidence: 'medium', source: 'deMasses' },
  'road.hundred': {
    kind: 'permit',
    confidence: 'high',
    source: 'deHundred',
    figures: {
      kmh: 100,
      vehicleMostKg: 3500,
      plain: 0.3,
      caravan: 0.8,
      caravanStabilised: 1,
      tyreYears: 6,
      tyreKmh: 120,
    },
  },
  'tow.braked': { kind: 'legal', confidence: 'high', source: 'deTowing', figures: { byAxleLoad: 1 } },
  'tow.unbraked': { kind: 'legal', confidence: 'high', source: 'deTowing', figures: { byAxleLoad: 1 } },
  // Half of the empty mass and 75 kg: what the mass in running order counts as the driver.
  'tow.half': {
    kind: 'legal',
    confidence: 'high',
    source: 'deTowing',
    figures: { runningOrder: 0.5, atMostKg: 750, byAxleLoad: 1 },
  },
  'ball.max': { kind: 'legal', confidence: 'high', source: 'deCoupling' },
  'ball.min': { kind: 'legal', confidence: 'high', source: 'deCoupling', figures: { share: 0.04, atMostKg: 25 } },
};

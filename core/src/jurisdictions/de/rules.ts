import { whileTowing } from '../common/rules.ts';
import type { FactLayer } from '../../rules/ruleId.ts';

/** Germany: towed mass is the axle load, and a light ball is an offence. */
export const rules: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'deMasses', figures: whileTowing.vehicle },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'deMasses', figures: whileTowing.rearAxle },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'trailer.axles': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'deMasses' },
  'tow.braked': { kind: 'legal', confidence: 'high', source: 'deTowing', figures: { byAxleLoad: true } },
  'tow.unbraked': { kind: 'legal', confidence: 'high', source: 'deTowing', figures: { byAxleLoad: true } },
  // Half of the empty mass and 75 kg: what the mass in running order counts as the driver.
  'tow.half': {
    kind: 'legal',
    confidence: 'high',
    source: 'deTowing',
    figures: { runningOrder: 0.5, atMostKg: 750, byAxleLoad: true },
  },
  // A second coupling on trailers without brakes: believed, not known.
  'chains.required': { kind: 'legal', confidence: 'low', source: 'euBrakes', figures: { onlyUnbraked: true } },
  'mirrors.wide': { kind: 'legal', confidence: 'medium', source: 'deTraffic' },
  'ball.max': { kind: 'legal', confidence: 'high', source: 'deCoupling' },
  'ball.min': { kind: 'legal', confidence: 'high', source: 'deCoupling', figures: { share: 0.04, atMostKg: 25 } },
};

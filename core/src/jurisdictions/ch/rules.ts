import { whileTowing } from '../common/rules.ts';
import type { FactLayer } from '../../rules/ruleId.ts';

/** Not of the Union: its own law, much alike, and little of it known here for certain. */
export const rules: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw', figures: whileTowing.vehicle },
  'trailer.max': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw' },
  'tow.unbraked': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
  'tow.half': null,
  'people.licence': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
};

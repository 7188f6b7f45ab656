import type { FactLayer } from '../../rules/ruleId.ts';

/** Where it differs from what is common to the Union, or is less well known. From general knowledge, not yet checked against the texts. */
export const rules: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'esVehicleRules' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'esVehicleRules' },
  'tow.half': {
    kind: 'legal',
    confidence: 'medium',
    source: 'esVehicleRules',
    figures: { runningOrder: 0.5, atMostKg: 750 },
  },
};

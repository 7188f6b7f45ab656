import type { FactLayer } from '../../rules/ruleId.ts';

/** Where it differs from what is common to the Union, or is less well known. From general knowledge, not yet checked against the texts. */
export const rules: FactLayer = {
  'combination.max': { kind: 'legal', confidence: 'high', source: 'frRoadCode' },
  'mirrors.wide': { kind: 'legal', confidence: 'medium', source: 'frRoadCode' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'frRoadCode' },
  'tow.half': {
    kind: 'legal',
    confidence: 'medium',
    source: 'frRoadCode',
    figures: { kerb: 0.5, atMostKg: 750, platedMass: true },
  },
};

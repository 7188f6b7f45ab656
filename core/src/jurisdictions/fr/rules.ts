import type { FactLayer } from '../../checks/ruleFacts.ts';

/** Where it differs from what is common to the Union, or is less well known. From general knowledge, not yet checked against the texts. */
export const rules: FactLayer = {
  'combination.max': { kind: 'legal', confidence: 'high', source: 'frRoadCode' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'frRoadCode' },
  'tow.ownMass': { kind: 'legal', confidence: 'low', source: 'frRoadCode', figures: { share: 1.3 } },
  'tow.half': {
    kind: 'legal',
    confidence: 'medium',
    source: 'frRoadCode',
    figures: { kerb: 0.5, atMostKg: 750, platedMass: 1 },
  },
};

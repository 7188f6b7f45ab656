import type { FactLayer } from '../../rules/ruleId.ts';

/** Where it differs from what is common to the Union, or is less well known. From general knowledge, not yet checked against the texts. */
export const rules: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'itRoadCode' },
  'tow.unbraked': { kind: 'legal', confidence: 'low', source: 'itRoadCode' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'itRoadCode' },
};

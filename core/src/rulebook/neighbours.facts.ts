import type { FactLayer } from '../checks/ruleFacts.ts';

/**
 * Where national law differs from what is common to the Union, or is less well known. From general knowledge, not yet
 * checked against the texts. What is not here follows the Union's layer.
 */
export const frenchFacts: FactLayer = {
  'combination.max': { kind: 'legal', confidence: 'high', source: 'frRoadCode' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'frRoadCode' },
  'tow.ownMass': { kind: 'legal', confidence: 'low', source: 'frRoadCode', figures: { share: 1.3 } },
  'tow.half': { kind: 'legal', confidence: 'medium', source: 'frRoadCode', figures: { kerb: 0.5, atMostKg: 750 } },
};

export const italianFacts: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'low', source: 'itRoadCode' },
  'tow.unbraked': { kind: 'legal', confidence: 'low', source: 'itRoadCode' },
  'combination.max': { kind: 'legal', confidence: 'low', source: 'itRoadCode' },
};

export const spanishFacts: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'low', source: 'esVehicleRules' },
  'combination.max': { kind: 'legal', confidence: 'low', source: 'esVehicleRules' },
  'tow.half': {
    kind: 'legal',
    confidence: 'medium',
    source: 'esVehicleRules',
    figures: { runningOrder: 0.5, atMostKg: 750 },
  },
};

export const dutchFacts: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'nlVehicleRules' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'nlVehicleRules' },
};

export const austrianFacts: FactLayer = {
  'tow.braked': { kind: 'legal', confidence: 'low', source: 'atMotorLaw' },
  'combination.max': { kind: 'legal', confidence: 'low', source: 'atMotorLaw' },
};

/** Not of the Union: its own law, much alike, and little of it known here for certain. */
export const swissFacts: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw' },
  'trailer.max': { kind: 'legal', confidence: 'medium', source: 'chTrafficLaw' },
  'combination.max': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
  'tow.braked': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
  'tow.unbraked': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
  'tow.half': null,
  'people.licence': { kind: 'legal', confidence: 'low', source: 'chTrafficLaw' },
};
